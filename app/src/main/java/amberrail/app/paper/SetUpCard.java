package amberrail.app.paper;

import amberrail.app.drills.DemandView;
import amberrail.app.drills.DrillOnTable;
import amberrail.app.drills.PlaceView;
import amberrail.app.drills.ShotView;
import amberrail.app.kit.TableDrawing;
import amberrail.core.drill.Caution;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** One page to take to the table: the set-up to scale, every position by tape and in sights, what is asked. */
final class SetUpCard {
    private static final double HEADING_POINTS = 20;
    private static final double TEXT_POINTS = 10.5;
    private static final String MARKS =
            "Mark with chalk, paper or rings. A ring under a ball changes how it leaves: mark beside it, or lift it before the shot.";

    private final PaperWords words;

    SetUpCard(PaperWords words) {
        this.words = words;
    }

    byte[] pdf(
            DrillOnTable drill,
            DrillOnTable.StationView station,
            boolean mirrored,
            ShotView shot,
            TableDrawing table,
            String tableName,
            PaperSize paper)
            throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage(paper.rectangle());
            document.addPage(page);
            document.getDocumentInformation().setTitle(drill.drill().title());
            try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
                PaperText text = new PaperText(stream);
                double left = PaperSize.MARGIN_MILLIMETRES + 2;
                double width = paper.widthMillimetres - 2 * left;
                double y = paper.heightMillimetres - PaperSize.MARGIN_MILLIMETRES - 8;
                text.line(text.bold, HEADING_POINTS, left, y, drill.drill().title());
                y -= 7;
                text.line(
                        text.plain,
                        TEXT_POINTS,
                        left,
                        y,
                        station.name() + (mirrored ? " · mirror" : " · original") + " · " + tableName);
                y = text.paragraph(
                        text.plain,
                        TEXT_POINTS,
                        left,
                        y - 6,
                        width,
                        drill.drill().purpose());
                y = drawing(stream, text, table, shot, left, width, y);
                y = places(text, shot, left, width, y - 8);
                y = asked(text, station, shot, left, width, y - 3);
                y = text.paragraph(text.plain, TEXT_POINTS - 1.5, left, y - 3, width, MARKS);
                for (Caution caution : drill.drill().cautions()) {
                    y = text.paragraph(text.bold, TEXT_POINTS - 1.5, left, y - 1, width, PaperWords.caution(caution));
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
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
                y = place(text, "Zone, centre", demand.zone().centre(), left, width, y);
            }
        }
        return y;
    }

    private double place(PaperText text, String name, PlaceView at, double left, double width, double y)
            throws IOException {
        text.line(text.bold, TEXT_POINTS, left, y, name);
        text.line(
                text.plain,
                TEXT_POINTS,
                left + 0.2 * width,
                y,
                String.format(
                        Locale.ROOT,
                        "%.0f mm from the %s, %.0f mm from the %s",
                        at.fromShortMillimetres(),
                        words.cushion(at.shortCushion()),
                        at.fromLongMillimetres(),
                        words.cushion(at.longCushion())));
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
        return text.paragraph(text.bold, TEXT_POINTS, left, y, width, words.rule(station.rule()));
    }
}
