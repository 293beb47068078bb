package amberrail.app.paper;

import amberrail.app.kit.PointView;
import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** An SVG file whose user unit is 1 mm. */
final class SvgCanvas implements Canvas {
    private static final String SVG = "http://www.w3.org/2000/svg";

    private final StringWriter text = new StringWriter();
    private final XMLStreamWriter xml;
    private final double left;
    private final double top;

    /** {@code title} is what screen readers say. */
    SvgCanvas(SetUpDrawing.Frame frame, String title) {
        left = frame.leftMillimetres();
        top = frame.bottomMillimetres() + frame.heightMillimetres();
        xml = writer(text);
        write(() -> {
            xml.setDefaultNamespace(SVG);
            xml.writeStartElement(SVG, "svg");
            xml.writeDefaultNamespace(SVG);
            xml.writeAttribute(
                    "viewBox", "0 0 " + number(frame.widthMillimetres()) + " " + number(frame.heightMillimetres()));
            xml.writeAttribute("role", "img");
            xml.writeStartElement(SVG, "title");
            xml.writeCharacters(title);
            xml.writeEndElement();
        });
    }

    /** The whole file; nothing can be drawn after it. */
    String file() {
        write(() -> {
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        });
        return text + System.lineSeparator();
    }

    @Override
    public void polygon(List<PointView> corners, Ink fill) {
        write(() -> {
            xml.writeEmptyElement(SVG, "polygon");
            xml.writeAttribute("points", points(corners));
            xml.writeAttribute("fill", colour(fill));
        });
    }

    @Override
    public void line(List<PointView> points, boolean closed, Stroke stroke) {
        write(() -> {
            xml.writeEmptyElement(SVG, closed ? "polygon" : "polyline");
            xml.writeAttribute("points", points(points));
            xml.writeAttribute("fill", "none");
            pen(stroke);
        });
    }

    @Override
    public void circle(PointView centre, double radiusMillimetres, Ink fill, Stroke edge) {
        write(() -> {
            xml.writeEmptyElement(SVG, "circle");
            xml.writeAttribute("cx", number(x(centre)));
            xml.writeAttribute("cy", number(y(centre)));
            xml.writeAttribute("r", number(radiusMillimetres));
            xml.writeAttribute("fill", fill == null ? "none" : colour(fill));
            if (edge != null) {
                pen(edge);
            }
        });
    }

    @Override
    public void label(String words, PointView middle, double heightMillimetres, Ink ink) {
        write(() -> {
            xml.writeStartElement(SVG, "text");
            xml.writeAttribute("x", number(x(middle)));
            xml.writeAttribute("y", number(y(middle) + heightMillimetres / 2));
            xml.writeAttribute("font-family", "sans-serif");
            xml.writeAttribute("font-size", number(heightMillimetres / 0.7));
            xml.writeAttribute("text-anchor", "middle");
            xml.writeAttribute("fill", colour(ink));
            xml.writeCharacters(words);
            xml.writeEndElement();
        });
    }

    private String points(List<PointView> points) {
        return points.stream()
                .map(point -> number(x(point)) + "," + number(y(point)))
                .collect(Collectors.joining(" "));
    }

    private void pen(Stroke stroke) throws XMLStreamException {
        xml.writeAttribute("stroke", colour(stroke.ink()));
        xml.writeAttribute("stroke-width", number(stroke.widthMillimetres()));
        if (!stroke.dashMillimetres().isEmpty()) {
            xml.writeAttribute(
                    "stroke-dasharray",
                    stroke.dashMillimetres().stream().map(String::valueOf).collect(Collectors.joining(" ")));
        }
    }

    private double x(PointView point) {
        return point.xMillimetres() - left;
    }

    private double y(PointView point) {
        return top - point.yMillimetres();
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }

    private static String colour(Ink ink) {
        return String.format("#%06X", ink.rgb);
    }

    private interface Writing {
        void to() throws XMLStreamException;
    }

    private static void write(Writing writing) {
        try {
            writing.to();
        } catch (XMLStreamException e) {
            throw new IllegalStateException("writing to memory does not fail", e);
        }
    }

    private static XMLStreamWriter writer(StringWriter text) {
        try {
            return XMLOutputFactory.newFactory().createXMLStreamWriter(text);
        } catch (XMLStreamException e) {
            throw new IllegalStateException("every Java writes XML", e);
        }
    }
}
