package amberrail.app.paper;

import amberrail.app.drills.DemandView;
import amberrail.app.drills.DrillOnTable;
import amberrail.app.drills.PlaceView;
import amberrail.app.drills.ShotView;
import amberrail.app.kit.TableDrawing;
import amberrail.core.drill.Caution;
import amberrail.core.motion.Bridge;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Pages to take to the table, one a shot: the set-up to scale, every position by tape and in sights, what is asked. */
final class SetUpCard {
    private static final double HEADING_POINTS = 20;
    private static final double TEXT_POINTS = 10.5;

    private final PaperWords words;
    private final PaperSize paper;

    SetUpCard(PaperWords words, PaperSize paper) {
        this.words = words;
        this.paper = paper;
    }

    /** What is printed: a station of a drill, on one side, as it lies on a table. */
    record Station(
            DrillOnTable drill,
            DrillOnTable.StationView station,
            boolean mirrored,
            TableDrawing table,
            String tableName) {
        List<ShotView> shots() {
            return mirrored ? station.mirror() : station.original();
        }
    }

    /** A page for every shot, or for the one that is named (from 0). */
    byte[] pdf(Station of, Optional<Integer> only) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(of.drill().drill().title());
            PaperType type = PaperType.in(document);
            for (int shot = 0; shot < of.shots().size(); shot++) {
                if (only.isEmpty() || only.get() == shot) {
                    page(document, type, of, shot);
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    /** On its side: the table is twice as long as wide. The text takes what it needs, the drawing all the rest. */
    private void page(PDDocument document, PaperType type, Station of, int index) throws IOException {
        PDPage page = new PDPage(paper.landscape());
        document.addPage(page);
        ShotView shot = of.shots().get(index);
        try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
            PaperText text = new PaperText(type, stream);
            double left = PaperSize.MARGIN_MILLIMETRES + 2;
            double width = paper.heightMillimetres - 2 * left;
            double y = paper.widthMillimetres - PaperSize.MARGIN_MILLIMETRES - 7;
            text.line(text.bold, HEADING_POINTS, left, y, of.drill().drill().title());
            y -= 6;
            text.line(text.plain, TEXT_POINTS, left, y, heading(of, index));
            TextColumns columns = texts(text, of, shot, width);
            double bottom = PaperSize.MARGIN_MILLIMETRES + 2 + columns.heightMillimetres();
            double foot = drawing(stream, text, of.table(), shot, left, width, y - 3, bottom + 2);
            columns.write(text, left, foot - 2);
        }
    }

    private TextColumns texts(PaperText text, Station of, ShotView shot, double width) throws IOException {
        String id = of.drill().drill().id();
        TextColumns columns = new TextColumns(TEXT_POINTS - 1, 3, width, 7);
        columns.add(text.plain, words.drillText(id, of.drill().drill().purpose()));
        places(columns, text, shot);
        asked(columns, text, of.station(), shot);
        columns.add(text.plain, words.marks());
        if (TapeMarks.areDrawn(shot)) {
            columns.add(text.plain, words.tape());
        }
        for (Caution caution : of.drill().drill().cautions()) {
            columns.add(text.bold, words.caution(caution));
        }
        return columns;
    }

    private String heading(Station of, int index) {
        int shots = of.shots().size();
        return words.drillText(of.drill().drill().id(), of.station().name()) + " · " + words.side(of.mirrored())
                + (shots > 1 ? " · " + words.shotOf(index + 1, shots) : "") + " · " + of.tableName();
    }

    /** As large as fits between top and bottom, in the middle of the width; returns its lower edge. */
    private static double drawing(
            PDPageContentStream stream,
            PaperText text,
            TableDrawing table,
            ShotView shot,
            double left,
            double width,
            double top,
            double bottom)
            throws IOException {
        SetUpDrawing.Frame frame = SetUpDrawing.frame(table);
        double scale = Math.min(width / frame.widthMillimetres(), (top - bottom) / frame.heightMillimetres());
        double height = scale * frame.heightMillimetres();
        double aside = (width - scale * frame.widthMillimetres()) / 2;
        PdfCanvas canvas = new PdfCanvas(
                stream,
                text.bold,
                left + aside - scale * frame.leftMillimetres(),
                top - height - scale * frame.bottomMillimetres(),
                scale);
        SetUpDrawing.draw(canvas, table, shot);
        if (TapeMarks.areDrawn(shot)) {
            TapeMarks.draw(canvas, table, shot);
        }
        return top - height;
    }

    private void places(TextColumns columns, PaperText text, ShotView shot) throws IOException {
        for (ShotView.BallView ball : shot.balls()) {
            place(columns, text, words.ball(ball.role(), ball.label()), ball.at());
        }
        for (DemandView demand : shot.demands()) {
            if (demand.zone() != null && demand.kind() == DemandView.Kind.LAND) {
                place(columns, text, words.zoneCentre(), demand.zone().centre());
            }
        }
    }

    private void place(TextColumns columns, PaperText text, String name, PlaceView at) throws IOException {
        columns.add(
                text.plain,
                name + ": " + words.fromTwoCushions(at) + " (" + words.sights(at.sightsAlong(), at.sightsAcross())
                        + ")");
    }

    private void asked(TextColumns columns, PaperText text, DrillOnTable.StationView station, ShotView shot)
            throws IOException {
        for (DemandView demand : shot.demands()) {
            columns.add(text.plain, "· " + words.demand(demand));
        }
        if (shot.bridge() != Bridge.HAND) {
            columns.add(text.plain, "· " + words.bridge(shot.bridge()));
        }
        columns.add(text.bold, words.rule(station.rule()));
    }
}
