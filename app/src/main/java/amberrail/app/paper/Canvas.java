package amberrail.app.paper;

import amberrail.app.kit.PointView;
import java.io.IOException;
import java.util.List;

/** Something to draw on in mm, x to the right and y up. */
public interface Canvas {

    /** How a line looks; width in mm, dash lengths in mm or none. */
    public record Stroke(Ink ink, double widthMillimetres, List<Double> dashMillimetres) {
        public static Stroke solid(Ink ink, double widthMillimetres) {
            return new Stroke(ink, widthMillimetres, List.of());
        }

        public static Stroke dashed(Ink ink, double widthMillimetres, double dashMillimetres) {
            return new Stroke(ink, widthMillimetres, List.of(dashMillimetres, dashMillimetres));
        }
    }

    /** The colours of paper: few, and apart from each other in grey print. */
    public enum Ink {
        BLACK(0x1D2225),
        GREY(0x8A8F90),
        CLOTH(0xDDE5E8),
        CUSHION(0x9FB0B8),
        WOOD(0xD9B98A),
        POCKET(0x14181A),
        CUE_BALL(0xFFFFFF),
        OBJECT_BALL(0xB4472E),
        NEXT_BALL(0x2F4E7A),
        BLOCKER(0x7A8A91),
        AMBER(0xC27A14),
        WHITE(0xFFFFFF);

        final int rgb;

        Ink(int rgb) {
            this.rgb = rgb;
        }
    }

    void polygon(List<PointView> corners, Ink fill) throws IOException;

    void line(List<PointView> points, boolean closed, Stroke stroke) throws IOException;

    /** A disc and its edge; either may be null. */
    void circle(PointView centre, double radiusMillimetres, Ink fill, Stroke edge) throws IOException;

    /** Words with their middle at a place, capitals this high. */
    void label(String text, PointView middle, double heightMillimetres, Ink ink) throws IOException;
}
