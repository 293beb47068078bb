package amberrail.app.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Lines of text on a page, in mm from its lower left corner. Signs that the type lacks become question marks. */
public final class PaperText {
    public final PDFont plain;
    public final PDFont bold;

    private final PDPageContentStream stream;

    public PaperText(PaperType type, PDPageContentStream stream) {
        plain = type.plain();
        bold = type.bold();
        this.stream = stream;
    }

    public void line(PDFont font, double sizePoints, double xMillimetres, double yMillimetres, String text)
            throws IOException {
        stream.setNonStrokingColor(java.awt.Color.BLACK);
        stream.beginText();
        stream.setFont(font, (float) sizePoints);
        stream.newLineAtOffset((float) (xMillimetres * PdfCanvas.POINTS_PER_MILLIMETRE), (float)
                (yMillimetres * PdfCanvas.POINTS_PER_MILLIMETRE));
        stream.showText(known(font, text));
        stream.endText();
    }

    /** Wrapped at words; returns the height of the next free line. */
    public double paragraph(
            PDFont font,
            double sizePoints,
            double xMillimetres,
            double yMillimetres,
            double widthMillimetres,
            String text)
            throws IOException {
        double y = yMillimetres;
        for (String line : wrapped(font, sizePoints, widthMillimetres, known(font, text))) {
            line(font, sizePoints, xMillimetres, y, line);
            y -= leadingMillimetres(sizePoints);
        }
        return y;
    }

    public static double leadingMillimetres(double sizePoints) {
        return 1.3 * sizePoints / PdfCanvas.POINTS_PER_MILLIMETRE;
    }

    /** The lines that {@link #paragraph} would write. */
    static List<String> wrapped(PDFont font, double sizePoints, double widthMillimetres, String text)
            throws IOException {
        double most = 1000 * widthMillimetres * PdfCanvas.POINTS_PER_MILLIMETRE / sizePoints;
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && font.getStringWidth(longer) > most) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** The text with only such signs as the font has. */
    static String known(PDFont font, String text) throws IOException {
        StringBuilder known = new StringBuilder();
        for (int i = 0; i < text.length(); ) {
            int sign = text.codePointAt(i);
            i += Character.charCount(sign);
            String one = Character.isISOControl(sign) ? " " : Character.toString(sign);
            try {
                font.getStringWidth(one);
                known.append(one);
            } catch (IllegalArgumentException notInThisFont) {
                known.append('?');
            }
        }
        return known.toString();
    }
}
