package amberrail.app.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What comes out of the printer, read back and measured. */
class PaperTest extends AppTest {
    private static final double MILLIMETRES_PER_POINT = 25.4 / 72;
    private static final double TRUE_TO_MILLIMETRES = 0.2;
    private static final String DRILL = "/api/v1/drills/" + Club.DRILL;

    @Test
    void thePaperTargetIsAsLargeAsTheZoneAndItsBarIsAHundredMillimetres() throws Exception {
        // Station 1: a ring of 220 mm radius, so two A4 sheets by two.
        try (PDDocument document = pdf(DRILL + "/target.pdf?tableId=" + club.table())) {
            assertThat(document.getNumberOfPages()).isEqualTo(6);
            for (PDPage page : document.getPages()) {
                Drawing drawing = Drawing.of(page);
                assertThat(drawing.lines)
                        .anySatisfy(line -> assertThat(line.millimetres()).isCloseTo(100, within(TRUE_TO_MILLIMETRES)));
                assertThat(drawing.widestCurve()).isCloseTo(440, within(TRUE_TO_MILLIMETRES));
            }
        }
    }

    @Test
    void sheetsLaidSideBySideMeetWithoutAGap() throws Exception {
        try (PDDocument document = pdf(DRILL + "/target.pdf?tableId=" + club.table() + "&station=1&paper=LETTER")) {
            // The same circle on each sheet, moved by exactly the printable width from one column to the next.
            double first = Drawing.of(document.getPage(0)).leftOfCurves();
            double second = Drawing.of(document.getPage(1)).leftOfCurves();
            assertThat(first - second).isCloseTo(215.9 - 20, within(TRUE_TO_MILLIMETRES));
        }
    }

    @Test
    void theSetUpCardIsOnePageAndHoldsEveryPosition() throws Exception {
        for (String paper : List.of("A4", "LETTER")) {
            for (int station = 0; station < 3; station++) {
                try (PDDocument document = pdf(DRILL + "/card.pdf?tableId=" + club.table() + "&station=" + station
                        + "&mirrored=true&paper=" + paper)) {
                    assertThat(document.getNumberOfPages()).isEqualTo(1);
                    String text = new PDFTextStripper().getText(document);
                    assertThat(text)
                            .contains(
                                    "Roll on to the ring",
                                    "mirror",
                                    "Cue ball",
                                    "Ball 1",
                                    "Zone, centre",
                                    "mm from the")
                            .contains("Mark with chalk");
                    assertThat(Drawing.of(document.getPage(0)).lowestText(document))
                            .as("nothing runs off the page")
                            .isGreaterThan(10);
                }
            }
        }
    }

    @Test
    void aPatternsCardHasAPageForEveryShot() throws Exception {
        String pattern = "/api/v1/drills/two-in-order";
        try (PDDocument document = pdf(pattern + "/card.pdf?tableId=" + club.table())) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            for (int shot = 1; shot <= 2; shot++) {
                PDFTextStripper page = new PDFTextStripper();
                page.setStartPage(shot);
                page.setEndPage(shot);
                assertThat(page.getText(document)).contains("shot " + shot + " of 2", "Cue ball");
            }
        }
        try (PDDocument one = pdf(pattern + "/card.pdf?tableId=" + club.table() + "&shot=1")) {
            assertThat(new PDFTextStripper().getText(one))
                    .contains("shot 2 of 2")
                    .doesNotContain("shot 1 of 2");
        }
        assertThat(read(club.head(), pattern + "/card.pdf?tableId=" + club.table() + "&shot=2")
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(400);
    }

    @Test
    void theDrawingOnTheCardIsToScale() throws Exception {
        try (PDDocument document = pdf(DRILL + "/card.pdf?tableId=" + club.table())) {
            Drawing drawing = Drawing.of(document.getPage(0));
            // The widest curve is the ring of 440 mm; the widest shape is the table with its wood.
            double table = drawing.widestShape();
            double scale = table / (2540 + 2 * (50 + SetUpDrawing.WOOD_MILLIMETRES));
            assertThat(drawing.widestCurve() / scale).isCloseTo(440, within(TRUE_TO_MILLIMETRES / scale));
        }
    }

    @Test
    void picturesAreWhatTheySay() throws Exception {
        byte[] png = bytes(DRILL + "/diagram.png?tableId=" + club.table());
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        assertThat(image.getWidth()).isEqualTo(1600);
        String svg = new String(bytes(DRILL + "/diagram.svg?tableId=" + club.table()));
        assertThat(svg)
                .startsWith("<svg")
                .contains("<title>Roll on to the ring</title>")
                .doesNotContain("<script");
    }

    /** Said before it is printed, and true; the marks alone fit on one sheet and say how far the edge is. */
    @Test
    void howManySheetsItWillBeIsSaidAndItsMarksAloneAreOne() throws Exception {
        String query = "?tableId=" + club.table();
        int said = tree(read(club.head(), DRILL + "/target-sheets" + query))
                .get("sheets")
                .asInt();
        assertThat(said).isGreaterThan(1);
        try (PDDocument whole = pdf(DRILL + "/target.pdf" + query)) {
            assertThat(whole.getNumberOfPages()).isEqualTo(said);
        }
        try (PDDocument marks = pdf(DRILL + "/target.pdf" + query + "&marksOnly=true")) {
            assertThat(marks.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(marks)).contains("mm to the edge", "100 mm");
        }
    }

    /** In the product's own type, which has more signs than a printer's built-in ones. */
    @Test
    void theTypeIsInTheFile() throws Exception {
        try (PDDocument document = pdf(DRILL + "/card.pdf?tableId=" + club.table())) {
            for (COSName name : document.getPage(0).getResources().getFontNames()) {
                PDFont font = document.getPage(0).getResources().getFont(name);
                assertThat(font.getName()).contains("SourceSans3");
                assertThat(font.isEmbedded()).isTrue();
            }
        }
        try (PDDocument document = new PDDocument()) {
            assertThat(PaperText.known(PaperType.in(document).plain(), "Žofia Łukaszewicz, Ωmega 漢"))
                    .isEqualTo("Žofia Łukaszewicz, Ωmega ?");
        }
    }

    @Test
    void aShotWithoutAZoneHasNoPaperTarget() throws Exception {
        var answer = read(club.head(), "/api/v1/drills/long-look/target.pdf?tableId=" + club.table());
        assertThat(answer.andReturn().getResponse().getStatus()).isEqualTo(404);
        var unknown = read(club.head(), DRILL + "/card.pdf?tableId=" + club.table() + "&paper=A3");
        assertThat(unknown.andReturn().getResponse().getStatus()).isEqualTo(400);
    }

    private PDDocument pdf(String path) throws Exception {
        return Loader.loadPDF(bytes(path));
    }

    private byte[] bytes(String path) throws Exception {
        var response = read(club.head(), path).andReturn().getResponse();
        assertThat(response.getStatus()).as(path).isEqualTo(200);
        return response.getContentAsByteArray();
    }

    /** The lines and curves of a page, in mm from its lower left corner. */
    private static final class Drawing extends PDFGraphicsStreamEngine {
        record Line(Point2D from, Point2D to) {
            double millimetres() {
                return from.distance(to) * MILLIMETRES_PER_POINT;
            }
        }

        final List<Line> lines = new ArrayList<>();
        final List<Point2D> curvePoints = new ArrayList<>();
        final List<Point2D> linePoints = new ArrayList<>();
        private List<Point2D> curves = new ArrayList<>();
        private double widest;
        private double left = Double.MAX_VALUE;
        private Point2D at = new Point2D.Float();

        private Drawing(PDPage page) {
            super(page);
        }

        static Drawing of(PDPage page) throws IOException {
            Drawing drawing = new Drawing(page);
            drawing.processPage(page);
            return drawing;
        }

        double widestCurve() {
            return widest;
        }

        double leftOfCurves() {
            return left;
        }

        double widestShape() {
            return MILLIMETRES_PER_POINT
                    * (linePoints.stream().mapToDouble(Point2D::getX).max().orElse(0)
                            - linePoints.stream()
                                    .mapToDouble(Point2D::getX)
                                    .min()
                                    .orElse(0));
        }

        double lowestText(PDDocument document) throws IOException {
            double[] lowest = {Double.MAX_VALUE};
            PDFTextStripper stripper = new PDFTextStripper() {
                @Override
                protected void processTextPosition(org.apache.pdfbox.text.TextPosition text) {
                    lowest[0] = Math.min(lowest[0], text.getPageHeight() - text.getY());
                }
            };
            stripper.getText(document);
            return lowest[0] * MILLIMETRES_PER_POINT;
        }

        private void measurePath() {
            if (!curves.isEmpty()) {
                double min = curves.stream().mapToDouble(Point2D::getX).min().orElse(0);
                double max = curves.stream().mapToDouble(Point2D::getX).max().orElse(0);
                if ((max - min) * MILLIMETRES_PER_POINT > widest) {
                    widest = (max - min) * MILLIMETRES_PER_POINT;
                    left = min * MILLIMETRES_PER_POINT;
                }
            }
            curves = new ArrayList<>();
        }

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int windingRule) {}

        @Override
        public void moveTo(float x, float y) {
            at = new Point2D.Float(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            Point2D to = new Point2D.Float(x, y);
            lines.add(new Line(at, to));
            linePoints.add(at);
            linePoints.add(to);
            at = to;
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            at = new Point2D.Float(x3, y3);
            curves.add(at);
        }

        @Override
        public Point2D getCurrentPoint() {
            return at;
        }

        @Override
        public void closePath() {}

        @Override
        public void strokePath() {
            measurePath();
        }

        @Override
        public void fillPath(int windingRule) {
            measurePath();
        }

        @Override
        public void fillAndStrokePath(int windingRule) {
            measurePath();
        }

        @Override
        public void shadingFill(COSName shadingName) {}

        @Override
        public void endPath() {
            curves = new ArrayList<>();
        }
    }
}
