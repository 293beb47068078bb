package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.ExecutionErrors;
import java.util.ArrayList;
import java.util.List;

/** From where a ball can be potted into an opening: a fan of places behind it, near and far, straight and at an angle. */
final class PotPlaces {
    private static final double[] DISTANCES = {150, 300, 500, 800, 1200};
    private static final int CUTS = 4;
    private static final double CUT_STEP = Math.toRadians(15);

    private PotPlaces() {}

    /** Only places where the cue ball can lie and has a way to the ball. */
    static List<PotLook> looks(RackPosition position, Opening opening, ExecutionErrors errors) {
        RackTable table = position.table();
        Point ball = position.place(opening.ball());
        double ghostX = ball.xMillimetres() - table.touching * Math.cos(opening.bearing());
        double ghostY = ball.yMillimetres() - table.touching * Math.sin(opening.bearing());
        List<PotLook> looks = new ArrayList<>();
        for (double distance : DISTANCES) {
            for (int i = -CUTS; i <= CUTS; i++) {
                double back = opening.bearing() - i * CUT_STEP;
                double x = ghostX - distance * Math.cos(back);
                double y = ghostY - distance * Math.sin(back);
                if (CuePlaces.isFree(position, new Point(x, y), HouseRules.USUAL)) {
                    PotLook look = PotLook.of(position, x, y, opening, errors);
                    if (look != null) {
                        looks.add(look);
                    }
                }
            }
        }
        return looks;
    }

    /** Where the cue ball lies for a look (mm). */
    static Point place(RackPosition position, PotLook look) {
        double touching = position.table().touching;
        Point ball = position.place(look.opening().ball());
        return new Point(
                ball.xMillimetres()
                        - touching * Math.cos(look.opening().bearing())
                        - look.distance() * Math.cos(look.aim()),
                ball.yMillimetres()
                        - touching * Math.sin(look.opening().bearing())
                        - look.distance() * Math.sin(look.aim()));
    }
}
