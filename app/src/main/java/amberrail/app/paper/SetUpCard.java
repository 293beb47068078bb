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

    private void page(PDDocument document, PaperType type, Station of, int index) throws IOException {
        PDPage page = new PDPage(paper.rectangle());
        document.addPage(page);
        ShotView shot = of.shots().get(index);
        try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
            PaperText text = new PaperText(type, stream);
            double left = PaperSize.MARGIN_MILLIMETRES + 2;
            double width = paper.widthMillimetres - 2 * left;
            double y = paper.heightMillimetres - PaperSize.MARGIN_MILLIMETRES - 8;
            text.line(text.bold, HEADING_POINTS, left, y, of.drill().drill().title());
            y -= 7;
            text.line(text.plain, TEXT_POINTS, left, y, heading(of, index));
            y = text.paragraph(
                    text.plain,
                    TEXT_POINTS,
                    left,
                    y - 6,
                    width,
                    words.drillText(of.drill().drill().id(), of.drill().drill().purpose()));
            y = drawing(stream, text, of.table(), shot, left, width, y);
            y = places(text, shot, left, width, y - 8);
            y = asked(text, of.station(), shot, left, width, y - 3);
            y = text.paragraph(text.plain, TEXT_POINTS - 1.5, left, y - 3, width, words.marks());
            for (Caution caution : of.drill().drill().cautions()) {
                y = text.paragraph(text.bold, TEXT_POINTS - 1.5, left, y - 1, width, words.caution(caution));
            }
        }
    }

    private String heading(Station of, int index) {
        int shots = of.shots().size();
        return words.drillText(of.drill().drill().id(), of.station().name()) + " · " + words.side(of.mirrored())
                + (shots > 1 ? " · " + words.shotOf(index + 1, shots) : "") + " · " + of.tableName();
    }

    private static double drawing(
            PDPageContentStream stream,
            PaperText text,
            TableDrawing table,
            ShotView shot,
            double left,
            double width,
            double y)
            throws IOException {
        double margin = table.cushionDepthMillimetres() + SetUpDrawing.WOOD_MILLIMETRES;
        double scale = width / (table.lengthMillimetres() + 2 * margin);
        double height = scale * (table.widthMillimetres() + 2 * margin);
        PdfCanvas canvas = new PdfCanvas(stream, text.bold, left + scale * margin, y - height + scale * margin, scale);
        SetUpDrawing.draw(canvas, table, shot);
        return y - height;
    }

    private double places(PaperText text, ShotView shot, double left, double width, double top) throws IOException {
        double y = top;
        for (ShotView.BallView ball : shot.balls()) {
            y = place(text, words.ball(ball.role(), ball.label()), ball.at(), left, width, y);
        }
        for (DemandView demand : shot.demands()) {
            if (demand.zone() != null && demand.kind() == DemandView.Kind.LAND) {
                y = place(text, words.zoneCentre(), demand.zone().centre(), left, width, y);
            }
        }
        return y;
    }

    private double place(PaperText text, String name, PlaceView at, double left, double width, double y)
            throws IOException {
        text.line(text.bold, TEXT_POINTS, left, y, name);
        text.line(text.plain, TEXT_POINTS, left + 0.2 * width, y, words.fromTwoCushions(at));
        text.line(text.plain, TEXT_POINTS, left + 0.8 * width, y, words.sights(at.sightsAlong(), at.sightsAcross()));
        return y - PaperText.leadingMillimetres(TEXT_POINTS);
    }

    private double asked(
            PaperText text, DrillOnTable.StationView station, ShotView shot, double left, double width, double top)
            throws IOException {
        double y = top;
        for (DemandView demand : shot.demands()) {
            y = text.paragraph(text.plain, TEXT_POINTS, left, y, width, "· " + words.demand(demand));
        }
        if (shot.bridge() != Bridge.HAND) {
            y = text.paragraph(text.plain, TEXT_POINTS, left, y, width, "· " + words.bridge(shot.bridge()));
        }
        return text.paragraph(text.bold, TEXT_POINTS, left, y, width, words.rule(station.rule()));
    }
}
