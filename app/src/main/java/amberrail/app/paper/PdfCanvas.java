package amberrail.app.paper;

import amberrail.app.kit.PointView;
import java.awt.Color;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** A part of a PDF page: mm of the drawing times a scale, from an origin on the page. */
public final class PdfCanvas implements Canvas {
    static final double POINTS_PER_MILLIMETRE = 72 / 25.4;
    /** Control points of a quarter circle by a Bezier curve; off by under 0.03 % of the radius. */
    private static final double QUARTER = 4.0 / 3 * (Math.sqrt(2) - 1);

    private final PDPageContentStream stream;
    private final PDFont font;
    private final double originX;
    private final double originY;
    private final double scale;

    /**
     * @param originXMillimetres where the drawing's origin lies on the page, from its lower left corner
     * @param scale              page mm for one mm of the drawing; 1 is true scale
     */
    public PdfCanvas(
            PDPageContentStream stream,
            PDFont font,
            double originXMillimetres,
            double originYMillimetres,
            double scale) {
        this.stream = stream;
        this.font = font;
        originX = originXMillimetres;
        originY = originYMillimetres;
        this.scale = scale;
    }

    @Override
    public void polygon(List<PointView> corners, Ink fill) throws IOException {
        path(corners);
        stream.closePath();
        stream.setNonStrokingColor(new Color(fill.rgb));
        stream.fill();
    }

    @Override
    public void line(List<PointView> points, boolean closed, Stroke stroke) throws IOException {
        pen(stroke);
        path(points);
        if (closed) {
            stream.closePath();
        }
        stream.stroke();
    }

    @Override
    public void circle(PointView centre, double radiusMillimetres, Ink fill, Stroke edge) throws IOException {
        float x = x(centre);
        float y = y(centre);
        float r = points(radiusMillimetres);
        float k = (float) (QUARTER * r);
        stream.moveTo(x + r, y);
        stream.curveTo(x + r, y + k, x + k, y + r, x, y + r);
        stream.curveTo(x - k, y + r, x - r, y + k, x - r, y);
        stream.curveTo(x - r, y - k, x - k, y - r, x, y - r);
        stream.curveTo(x + k, y - r, x + r, y - k, x + r, y);
        stream.closePath();
        if (fill != null) {
            stream.setNonStrokingColor(new Color(fill.rgb));
        }
        if (edge != null) {
            pen(edge);
        }
        if (fill != null && edge != null) {
            stream.fillAndStroke();
        } else if (fill != null) {
            stream.fill();
        } else {
            stream.stroke();
        }
    }

    @Override
    public void label(String text, PointView middle, double heightMillimetres, Ink ink) throws IOException {
        float size = (float) (points(heightMillimetres) / 0.7);
        String shown = PaperText.known(font, text);
        float width = font.getStringWidth(shown) / 1000 * size;
        stream.setNonStrokingColor(new Color(ink.rgb));
        stream.beginText();
        stream.setFont(font, size);
        stream.newLineAtOffset(x(middle) - width / 2, y(middle) - points(heightMillimetres) / 2);
        stream.showText(shown);
        stream.endText();
    }

    private void path(List<PointView> points) throws IOException {
        stream.moveTo(x(points.get(0)), y(points.get(0)));
        for (PointView point : points.subList(1, points.size())) {
            stream.lineTo(x(point), y(point));
        }
    }

    private void pen(Stroke stroke) throws IOException {
        stream.setStrokingColor(new Color(stroke.ink().rgb));
        stream.setLineWidth(points(stroke.widthMillimetres()));
        float[] dash = new float[stroke.dashMillimetres().size()];
        for (int i = 0; i < dash.length; i++) {
            dash[i] = points(stroke.dashMillimetres().get(i));
        }
        stream.setLineDashPattern(dash, 0);
    }

    private float x(PointView point) {
        return (float) (POINTS_PER_MILLIMETRE * (originX + scale * point.xMillimetres()));
    }

    private float y(PointView point) {
        return (float) (POINTS_PER_MILLIMETRE * (originY + scale * point.yMillimetres()));
    }

    private float points(double millimetres) {
        return (float) (POINTS_PER_MILLIMETRE * scale * millimetres);
    }
}
