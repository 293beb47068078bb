package amberrail.app.paper;

import amberrail.app.kit.PointView;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.List;

/** A picture of pixels. */
final class ImageCanvas implements Canvas {
    private final BufferedImage image;
    private final Graphics2D graphics;
    private final double left;
    private final double top;
    private final double pixelsPerMillimetre;

    /** The frame's part of the drawing, {@code widthPixels} wide. */
    ImageCanvas(SetUpDrawing.Frame frame, int widthPixels) {
        left = frame.leftMillimetres();
        top = frame.bottomMillimetres() + frame.heightMillimetres();
        pixelsPerMillimetre = widthPixels / frame.widthMillimetres();
        image = new BufferedImage(
                widthPixels,
                (int) Math.round(frame.heightMillimetres() * pixelsPerMillimetre),
                BufferedImage.TYPE_INT_RGB);
        graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, image.getWidth(), image.getHeight());
    }

    BufferedImage image() {
        return image;
    }

    @Override
    public void polygon(List<PointView> corners, Ink fill) {
        graphics.setColor(new Color(fill.rgb));
        graphics.fill(path(corners, true));
    }

    @Override
    public void line(List<PointView> points, boolean closed, Stroke stroke) {
        pen(stroke);
        graphics.draw(path(points, closed));
    }

    @Override
    public void circle(PointView centre, double radiusMillimetres, Ink fill, Stroke edge) {
        double r = radiusMillimetres * pixelsPerMillimetre;
        Ellipse2D disc = new Ellipse2D.Double(x(centre) - r, y(centre) - r, 2 * r, 2 * r);
        if (fill != null) {
            graphics.setColor(new Color(fill.rgb));
            graphics.fill(disc);
        }
        if (edge != null) {
            pen(edge);
            graphics.draw(disc);
        }
    }

    @Override
    public void label(String text, PointView middle, double heightMillimetres, Ink ink) {
        graphics.setFont(new Font(Font.SANS_SERIF, Font.BOLD, 1)
                .deriveFont((float) (heightMillimetres * pixelsPerMillimetre / 0.7)));
        graphics.setColor(new Color(ink.rgb));
        double width = graphics.getFontMetrics().stringWidth(text);
        graphics.drawString(text, (float) (x(middle) - width / 2), (float)
                (y(middle) + heightMillimetres * pixelsPerMillimetre / 2));
    }

    private Path2D path(List<PointView> points, boolean closed) {
        Path2D path = new Path2D.Double();
        path.moveTo(x(points.get(0)), y(points.get(0)));
        points.subList(1, points.size()).forEach(point -> path.lineTo(x(point), y(point)));
        if (closed) {
            path.closePath();
        }
        return path;
    }

    private void pen(Stroke stroke) {
        graphics.setColor(new Color(stroke.ink().rgb));
        float width = (float) Math.max(1, stroke.widthMillimetres() * pixelsPerMillimetre);
        if (stroke.dashMillimetres().isEmpty()) {
            graphics.setStroke(new BasicStroke(width));
            return;
        }
        float[] dash = new float[stroke.dashMillimetres().size()];
        for (int i = 0; i < dash.length; i++) {
            dash[i] = (float) (stroke.dashMillimetres().get(i) * pixelsPerMillimetre);
        }
        graphics.setStroke(new BasicStroke(width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER, 10, dash, 0));
    }

    private double x(PointView point) {
        return (point.xMillimetres() - left) * pixelsPerMillimetre;
    }

    private double y(PointView point) {
        return (top - point.yMillimetres()) * pixelsPerMillimetre;
    }
}
