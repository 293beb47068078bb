package amberrail.app.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Paragraphs one after the other in columns of one width; how high they will be is known before anything is written. */
final class TextColumns {
    private record Line(PDFont font, String words) {}

    private final double sizePoints;
    private final int columns;
    private final double widthMillimetres;
    private final double gapMillimetres;
    private final List<Line> lines = new ArrayList<>();

    /**
     * @param widthMillimetres of all columns and the gaps between them
     */
    TextColumns(double sizePoints, int columns, double widthMillimetres, double gapMillimetres) {
        this.sizePoints = sizePoints;
        this.columns = columns;
        this.widthMillimetres = (widthMillimetres - (columns - 1) * gapMillimetres) / columns;
        this.gapMillimetres = gapMillimetres;
    }

    void add(PDFont font, String text) throws IOException {
        for (String line : PaperText.wrapped(font, sizePoints, widthMillimetres, PaperText.known(font, text))) {
            lines.add(new Line(font, line));
        }
    }

    double heightMillimetres() {
        return rows() * PaperText.leadingMillimetres(sizePoints);
    }

    private int rows() {
        return (lines.size() + columns - 1) / columns;
    }

    /** {@code top} is the upper edge of the first line. */
    void write(PaperText text, double left, double top) throws IOException {
        int rows = rows();
        double leading = PaperText.leadingMillimetres(sizePoints);
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            text.line(
                    line.font(),
                    sizePoints,
                    left + i / rows * (widthMillimetres + gapMillimetres),
                    top - (i % rows + 1) * leading,
                    line.words());
        }
    }
}
