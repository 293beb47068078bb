package amberrail.app.paper;

import amberrail.app.kit.PointView;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** An SVG file whose user unit is 1 mm. */
final class SvgCanvas implements Canvas {
    private final StringBuilder body = new StringBuilder();
    private final double left;
    private final double top;
    private final double width;
    private final double height;

    SvgCanvas(SetUpDrawing.Frame frame) {
        left = frame.leftMillimetres();
        top = frame.bottomMillimetres() + frame.heightMillimetres();
        width = frame.widthMillimetres();
        height = frame.heightMillimetres();
    }

    /** The whole file; {@code title} is what screen readers say. */
    String file(String title) {
        return String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %.2f %.2f\" role=\"img\"><title>%s</title>%s</svg>%n",
                width,
                height,
                escaped(title),
                body);
    }

    @Override
    public void polygon(List<PointView> corners, Ink fill) {
        add("<polygon points=\"%s\" fill=\"%s\"/>", points(corners), colour(fill));
    }

    @Override
    public void line(List<PointView> points, boolean closed, Stroke stroke) {
        add("<%s points=\"%s\" fill=\"none\" %s/>", closed ? "polygon" : "polyline", points(points), pen(stroke));
    }

    @Override
    public void circle(PointView centre, double radiusMillimetres, Ink fill, Stroke edge) {
        add(
                "<circle cx=\"%.3f\" cy=\"%.3f\" r=\"%.3f\" fill=\"%s\" %s/>",
                x(centre),
                y(centre),
                radiusMillimetres,
                fill == null ? "none" : colour(fill),
                edge == null ? "" : pen(edge));
    }

    @Override
    public void label(String text, PointView middle, double heightMillimetres, Ink ink) {
        add(
                "<text x=\"%.2f\" y=\"%.2f\" font-family=\"sans-serif\" font-size=\"%.2f\" text-anchor=\"middle\" fill=\"%s\">%s</text>",
                x(middle), y(middle) + heightMillimetres / 2, heightMillimetres / 0.7, colour(ink), escaped(text));
    }

    private String points(List<PointView> points) {
        return points.stream()
                .map(point -> String.format(Locale.ROOT, "%.3f,%.3f", x(point), y(point)))
                .collect(Collectors.joining(" "));
    }

    private static String pen(Stroke stroke) {
        String dash = stroke.dashMillimetres().isEmpty()
                ? ""
                : " stroke-dasharray=\""
                        + stroke.dashMillimetres().stream().map(String::valueOf).collect(Collectors.joining(" "))
                        + "\"";
        return String.format(
                Locale.ROOT,
                "stroke=\"%s\" stroke-width=\"%.2f\"%s",
                colour(stroke.ink()),
                stroke.widthMillimetres(),
                dash);
    }

    private double x(PointView point) {
        return point.xMillimetres() - left;
    }

    private double y(PointView point) {
        return top - point.yMillimetres();
    }

    private static String colour(Ink ink) {
        return String.format("#%06X", ink.rgb);
    }

    private void add(String format, Object... values) {
        body.append(String.format(Locale.ROOT, format, values));
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
