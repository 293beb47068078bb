package amberrail.app.plan;

import amberrail.app.drills.ShotView;
import amberrail.app.kit.PointView;
import amberrail.app.kit.TableDrawing;
import amberrail.app.paper.Canvas;
import amberrail.app.paper.Canvas.Ink;
import amberrail.app.paper.Canvas.Stroke;
import amberrail.app.paper.PaperSize;
import amberrail.app.paper.PaperText;
import amberrail.app.paper.PaperType;
import amberrail.app.paper.PdfCanvas;
import amberrail.app.paper.SetUpDrawing;
import amberrail.app.words.WordCatalogue;
import amberrail.core.plan.PlannedDrill;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A plan to take home on one page: a small drawing of each drill, what it is for, and a box to tick for every try. */
final class PlanSheet {
    private static final double TITLE_POINTS = 20;
    private static final double NAME_POINTS = 12;
    private static final double TEXT_POINTS = 9;
    private static final double GAP_MILLIMETRES = 5;
    private static final double TALLEST_ROW_MILLIMETRES = 48;
    private static final double BOX_MILLIMETRES = 4.2;
    private static final int MOST_BOXES = 40;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);

    private final WordCatalogue words;
    private final PaperSize paper;
    private final double left = PaperSize.MARGIN_MILLIMETRES + 2;

    /**
     * A line as it is printed.
     *
     * @param racks whether {@code tries} counts racks
     * @param shot empty where the drill is not on this table any more, and for racks
     */
    record Line(
            String title,
            String station,
            PlannedDrill.Role role,
            double minutes,
            int tries,
            boolean racks,
            String purpose,
            Optional<ShotView> shot) {}

    /** All that is printed. */
    record Contents(String title, String name, Optional<LocalDate> day, TableDrawing table, List<Line> lines) {}

    PlanSheet(WordCatalogue words, PaperSize paper) {
        this.words = words;
        this.paper = paper;
    }

    byte[] pdf(Contents of) throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(of.title());
            PDPage page = new PDPage(paper.rectangle());
            document.addPage(page);
            PaperType type = PaperType.in(document);
            try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
                PaperText text = new PaperText(type, stream);
                double top = heading(text, of);
                double room = top - PaperSize.MARGIN_MILLIMETRES;
                double row = Math.min(
                        TALLEST_ROW_MILLIMETRES, room / Math.max(1, of.lines().size()));
                for (int i = 0; i < of.lines().size(); i++) {
                    line(stream, text, of.table(), of.lines().get(i), top - i * row, row);
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private double heading(PaperText text, Contents of) throws IOException {
        double y = paper.heightMillimetres - PaperSize.MARGIN_MILLIMETRES - 7;
        text.line(text.bold, TITLE_POINTS, left, y, of.title());
        y -= 7;
        double minutes = of.lines().stream().mapToDouble(Line::minutes).sum();
        String about = of.name() + " · " + words.say("plan.sheet.minutes", Map.of("n", Math.round(minutes)))
                + of.day().map(day -> " · " + DAY.format(day)).orElse("");
        text.line(text.plain, NAME_POINTS - 1, left, y, about);
        y -= 5;
        text.line(text.plain, TEXT_POINTS, left, y, words.say("plan.sheet.boxes"));
        return y - 4;
    }

    private void line(PDPageContentStream stream, PaperText text, TableDrawing table, Line of, double top, double row)
            throws IOException {
        double margin = table.cushionDepthMillimetres() + SetUpDrawing.WOOD_MILLIMETRES;
        double high = row - GAP_MILLIMETRES;
        double scale = high / (table.widthMillimetres() + 2 * margin);
        double wide = scale * (table.lengthMillimetres() + 2 * margin);
        if (of.shot().isPresent()) {
            PdfCanvas canvas =
                    new PdfCanvas(stream, text.bold, left + scale * margin, top - high + scale * margin, scale);
            SetUpDrawing.draw(canvas, table, of.shot().get());
        }
        double x = left + wide + 6;
        double width = paper.widthMillimetres - left - x;
        double y = top - 4;
        text.line(text.bold, NAME_POINTS, x, y, of.title());
        y -= 4.8;
        String what = words.say("plan.role." + of.role()) + " · "
                + words.say("plan.sheet.minutes", Map.of("n", Math.round(of.minutes()))) + " · "
                + words.say(of.racks() ? "plan.sheet.racks" : "plan.sheet.tries", Map.of("n", of.tries()))
                + (of.station().isEmpty() ? "" : " · " + of.station());
        text.line(text.plain, TEXT_POINTS, x, y, what);
        y -= 4.6;
        // A low row has room for its boxes only.
        if (high > 30) {
            y = text.paragraph(text.plain, TEXT_POINTS, x, y, width, of.purpose());
        }
        boxes(new PdfCanvas(stream, text.bold, 0, 0, 1), x, y + 2, width, Math.min(of.tries(), MOST_BOXES));
    }

    private static void boxes(Canvas canvas, double left, double top, double width, int count) throws IOException {
        int across = (int) Math.max(1, Math.floor(width / (BOX_MILLIMETRES + 1.2)));
        for (int i = 0; i < count; i++) {
            double x = left + i % across * (BOX_MILLIMETRES + 1.2);
            double y = top - i / across * (BOX_MILLIMETRES + 1.2) - BOX_MILLIMETRES;
            canvas.line(
                    List.of(
                            new PointView(x, y),
                            new PointView(x + BOX_MILLIMETRES, y),
                            new PointView(x + BOX_MILLIMETRES, y + BOX_MILLIMETRES),
                            new PointView(x, y + BOX_MILLIMETRES)),
                    true,
                    Stroke.solid(Ink.BLACK, 0.3));
        }
    }
}
