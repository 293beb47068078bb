package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import java.util.ArrayList;
import java.util.List;

/** Set-ups that several tests need. */
final class Racks {
    private static final double RADIUS_METRES = 0.028575;
    private static final double MASS_KILOGRAMS = 0.170;
    /** Racked balls are not quite frozen: a hair of room, so that their order of contact is physical. */
    private static final double ROOM_METRES = 1e-5;

    private Racks() {}

    /** Fifteen balls with the apex on the foot spot of a 9 ft table, and the cue ball behind the head string. */
    static List<TableBall> fullRackWithCueBall() {
        List<TableBall> balls = new ArrayList<>();
        balls.add(new TableBall("cue", BallState.atRest(0.55, 0.60), RADIUS_METRES, MASS_KILOGRAMS));
        double step = 2 * RADIUS_METRES + ROOM_METRES;
        int number = 1;
        for (int row = 0; row < 5; row++) {
            for (int i = 0; i <= row; i++) {
                double x = 1.905 + row * step * Math.sqrt(0.75);
                double y = 0.635 + (i - row / 2.0) * step;
                balls.add(new TableBall("ball" + number++, BallState.atRest(x, y), RADIUS_METRES, MASS_KILOGRAMS));
            }
        }
        return balls;
    }
}
