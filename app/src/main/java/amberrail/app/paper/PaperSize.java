package amberrail.app.paper;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Sheets that printers have, upright. */
public enum PaperSize {
    A4(210, 297),
    LETTER(215.9, 279.4);

    /** What ordinary printers leave white at every edge. */
    public static final double MARGIN_MILLIMETRES = 10;

    public final double widthMillimetres;
    public final double heightMillimetres;

    PaperSize(double widthMillimetres, double heightMillimetres) {
        this.widthMillimetres = widthMillimetres;
        this.heightMillimetres = heightMillimetres;
    }

    /** The sheet on its side. */
    public PDRectangle landscape() {
        PDRectangle upright = rectangle();
        return new PDRectangle(upright.getHeight(), upright.getWidth());
    }

    public PDRectangle rectangle() {
        return new PDRectangle((float) (widthMillimetres * PdfCanvas.POINTS_PER_MILLIMETRE), (float)
                (heightMillimetres * PdfCanvas.POINTS_PER_MILLIMETRE));
    }
}
