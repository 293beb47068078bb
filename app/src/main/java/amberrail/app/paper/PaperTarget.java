package amberrail.app.paper;

import amberrail.app.drills.ZoneView;
import amberrail.app.kit.PointView;
import amberrail.app.paper.Canvas.Ink;
import amberrail.app.paper.Canvas.Stroke;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/**
 * A zone at true scale to lay on the cloth, over as many pages as it needs. The page's long way is not turned: to the right on the paper is
 * towards the foot of the table. Every page has a bar of 100 mm to check the printer with.
 */
final class PaperTarget {
    static final double CHECK_BAR_MILLIMETRES = 100;
    private static final double STRIP_MILLIMETRES = 14;
    private static final double EDGE_MILLIMETRES = 0.4;
    private static final double ROOM_MILLIMETRES = 2;
    private static final double EDGE_MARK_MILLIMETRES = 15;
    private static final double LABEL_MILLIMETRES = 30;

    private PaperTarget() {}

    /** Left, bottom, right, top of the zone, its target point the origin (mm). */
    private record Extent(double left, double bottom, double right, double top) {}

    /** How many sheets the whole target takes. */
    static int sheets(ZoneView zone, PaperSize paper) {
        Extent extent = extent(zone);
        return across(extent, paper) * up(extent, paper);
    }

    private static double width(PaperSize paper) {
        return paper.widthMillimetres - 2 * PaperSize.MARGIN_MILLIMETRES;
    }

    private static double height(PaperSize paper) {
        return paper.heightMillimetres - 2 * PaperSize.MARGIN_MILLIMETRES - STRIP_MILLIMETRES;
    }

    private static int across(Extent extent, PaperSize paper) {
        return (int) Math.ceil((extent.right - extent.left + 2 * ROOM_MILLIMETRES) / width(paper));
    }

    private static int up(Extent extent, PaperSize paper) {
        return (int) Math.ceil((extent.top - extent.bottom + 2 * ROOM_MILLIMETRES) / height(paper));
    }

    /** One sheet with the centre, the rings that fit on it, and four marks that say how far the edge is: to be laid or chalked from. */
    static byte[] marksOnly(ZoneView zone, String title, PaperSize paper) throws IOException {
        double width = width(paper);
        double height = height(paper);
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            PaperType type = PaperType.in(document);
            PDPage page = new PDPage(paper.rectangle());
            document.addPage(page);
            try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
                sheet(stream, type, zone, -width / 2, -height / 2, width, height);
                edgeMarks(stream, type, extent(zone), width, height);
                strip(stream, type, title + " · marks only");
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    /** To the right, left, up and down: how far from the centre the target ends. */
    private static void edgeMarks(
            PDPageContentStream stream, PaperType type, Extent extent, double width, double height) throws IOException {
        double originX = PaperSize.MARGIN_MILLIMETRES + width / 2;
        double originY = PaperSize.MARGIN_MILLIMETRES + STRIP_MILLIMETRES + height / 2;
        PdfCanvas canvas = new PdfCanvas(stream, type.bold(), originX, originY, 1);
        PaperText text = new PaperText(type, stream);
        double[][] ways = {
            {1, 0, extent.right, width / 2},
            {-1, 0, -extent.left, width / 2},
            {0, 1, extent.top, height / 2},
            {0, -1, -extent.bottom, height / 2}
        };
        for (double[] way : ways) {
            // At the edge itself where the sheet holds it, else at the sheet's own edge, pointing on.
            double at = Math.min(way[2], way[3] - ROOM_MILLIMETRES);
            double from = at - EDGE_MARK_MILLIMETRES;
            canvas.line(
                    List.of(new PointView(way[0] * from, way[1] * from), new PointView(way[0] * at, way[1] * at)),
                    false,
                    Stroke.solid(Ink.BLACK, 2 * EDGE_MILLIMETRES));
            String words = Math.round(way[2]) + " mm to the edge";
            double beside = way[0] == 0 ? 3 : way[0] > 0 ? -LABEL_MILLIMETRES : 2;
            text.line(
                    text.plain,
                    9,
                    originX + way[0] * at + beside,
                    originY + way[1] * from + (way[0] == 0 ? 0 : 3),
                    words);
        }
    }

    static byte[] pdf(ZoneView zone, String title, PaperSize paper) throws IOException {
        Extent extent = extent(zone);
        double width = width(paper);
        double height = height(paper);
        int across = across(extent, paper);
        int up = up(extent, paper);
        double left = (extent.left + extent.right - across * width) / 2;
        double bottom = (extent.bottom + extent.top - up * height) / 2;
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            PaperType type = PaperType.in(document);
            for (int row = up - 1; row >= 0; row--) {
                for (int column = 0; column < across; column++) {
                    PDPage page = new PDPage(paper.rectangle());
                    document.addPage(page);
                    String name =
                            title + " · sheet " + (char) ('A' + up - 1 - row) + (column + 1) + " of " + across * up;
                    try (PDPageContentStream stream = new PDPageContentStream(document, page)) {
                        sheet(stream, type, zone, left + column * width, bottom + row * height, width, height);
                        strip(stream, type, name);
                    }
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    /** The part of the zone whose lower left corner is at (left, bottom), cut off at the sheet's printable edge. */
    private static void sheet(
            PDPageContentStream stream,
            PaperType type,
            ZoneView zone,
            double left,
            double bottom,
            double width,
            double height)
            throws IOException {
        double originX = PaperSize.MARGIN_MILLIMETRES - left;
        double originY = PaperSize.MARGIN_MILLIMETRES + STRIP_MILLIMETRES - bottom;
        stream.saveGraphicsState();
        stream.addRect(
                points(PaperSize.MARGIN_MILLIMETRES),
                points(PaperSize.MARGIN_MILLIMETRES + STRIP_MILLIMETRES),
                points(width),
                points(height));
        stream.clip();
        PdfCanvas canvas = new PdfCanvas(stream, type.bold(), originX, originY, 1);
        PointView target = new PointView(0, 0);
        if (zone.radiusMillimetres() == null) {
            canvas.line(moved(zone), true, Stroke.solid(Ink.BLACK, EDGE_MILLIMETRES));
        } else {
            canvas.circle(target, zone.radiusMillimetres(), null, Stroke.solid(Ink.BLACK, EDGE_MILLIMETRES));
            for (ZoneView.RingView ring : zone.rings()) {
                canvas.circle(target, ring.radiusMillimetres(), null, Stroke.solid(Ink.GREY, EDGE_MILLIMETRES));
                canvas.label(
                        String.valueOf(ring.points()), new PointView(0, ring.radiusMillimetres() - 6), 5, Ink.GREY);
            }
        }
        canvas.line(
                List.of(new PointView(-12, 0), new PointView(12, 0)), false, Stroke.solid(Ink.BLACK, EDGE_MILLIMETRES));
        canvas.line(
                List.of(new PointView(0, -12), new PointView(0, 12)), false, Stroke.solid(Ink.BLACK, EDGE_MILLIMETRES));
        stream.restoreGraphicsState();
    }

    private static void strip(PDPageContentStream stream, PaperType type, String name) throws IOException {
        PaperText text = new PaperText(type, stream);
        double left = PaperSize.MARGIN_MILLIMETRES;
        double y = PaperSize.MARGIN_MILLIMETRES + 3;
        PdfCanvas canvas = new PdfCanvas(stream, text.plain, left, y, 1);
        canvas.line(
                List.of(new PointView(0, 0), new PointView(CHECK_BAR_MILLIMETRES, 0)),
                false,
                Stroke.solid(Ink.BLACK, EDGE_MILLIMETRES));
        text.line(text.plain, 8, left, y + 2, "This bar must be 100 mm: print at 100 %, not fitted to the page.");
        text.line(text.plain, 8, left + CHECK_BAR_MILLIMETRES + 4, y + 2, "Right side towards the foot of the table.");
        text.line(text.plain, 8, left + CHECK_BAR_MILLIMETRES + 4, y - 2, name);
    }

    private static Extent extent(ZoneView zone) {
        if (zone.radiusMillimetres() != null) {
            double r = zone.radiusMillimetres();
            return new Extent(-r, -r, r, r);
        }
        List<PointView> corners = moved(zone);
        return new Extent(
                corners.stream().mapToDouble(PointView::xMillimetres).min().orElse(0),
                corners.stream().mapToDouble(PointView::yMillimetres).min().orElse(0),
                corners.stream().mapToDouble(PointView::xMillimetres).max().orElse(0),
                corners.stream().mapToDouble(PointView::yMillimetres).max().orElse(0));
    }

    private static List<PointView> moved(ZoneView zone) {
        PointView centre = zone.centre().place();
        return zone.outline().stream()
                .map(corner -> new PointView(
                        corner.xMillimetres() - centre.xMillimetres(), corner.yMillimetres() - centre.yMillimetres()))
                .toList();
    }

    private static float points(double millimetres) {
        return (float) (millimetres * PdfCanvas.POINTS_PER_MILLIMETRE);
    }
}
