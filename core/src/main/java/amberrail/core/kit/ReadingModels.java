package amberrail.core.kit;

import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.LoneBall;
import java.util.Arrays;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;

/** The four kinds of reading, each played on the engine with the numbers that are being tried. */
final class ReadingModels {
    private static final double MILLIMETRES = 1000;
    private static final double SLOWEST = 0.02;
    private static final double FASTEST = 14.9;
    private static final int START_HALVINGS = 14;
    private static final double RESTITUTION_STEP = 0.02;

    private final CheckedTable table;
    private final ClothScale scale;
    private final ReadingNoise noise;
    /** Readings are looked at by several threads, and a ball is played by one at a time. */
    private final ThreadLocal<LoneBall> balls;

    ReadingModels(CheckedTable table, ReadingNoise noise) {
        this.table = table;
        this.noise = noise;
        scale = new ClothScale(table.preset());
        balls = ThreadLocal.withInitial(table::newBall);
    }

    /** The cloth's unknowns begin at {@code from} in what is shared. */
    ReadingModel of(Reading reading, int from, CueUnknowns cue) {
        if (reading instanceof RollReading roll) {
            return new Roll(roll, from);
        }
        if (reading instanceof ReboundReading rebound) {
            return new Rebound(rebound, from);
        }
        if (reading instanceof SlideReading slide) {
            return new Slide(slide, from);
        }
        return new Side((SideReading) reading, from, cue);
    }

    /** Where the cue's unknowns stand in what is shared. */
    interface CueUnknowns {
        double endMassRatio(double[] shared);

        double elevationDegrees(double[] shared);
    }

    /** The launch speed with which it takes so long to the cushion (logarithm); by halving. */
    private double startSpeed(double secondsToCushion, DoubleConsumer play) {
        double low = SLOWEST;
        double high = FASTEST;
        for (int i = 0; i < START_HALVINGS; i++) {
            double middle = Math.sqrt(low * high);
            play.accept(middle);
            if (ball().metCushion() && ball().cushionSeconds() < secondsToCushion) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return Math.log(high);
    }

    private double startOfStroke(Reading reading, double secondsToCushion, Physics physics) {
        return startSpeed(
                secondsToCushion,
                speed -> ball().releaseToCushion(
                                strike(physics, speed, reading.directionDegrees(), 0, 0, 0, OptionalDouble.empty())
                                        .launch(reading.x(), reading.y(), table.radiusMetres(), physics),
                                physics));
    }

    private LoneBall ball() {
        return balls.get();
    }

    /** A ball that does not get there: the further it is short, the worse. */
    private void fallsShort(Reading reading, double[] out) {
        double missing = table.metresFromNose(reading, ball().restX(), ball().restY());
        Arrays.fill(out, ReadingModel.IMPOSSIBLE * (1 + missing));
    }

    private static double speed(double log) {
        return Math.max(SLOWEST, Math.min(FASTEST, Math.exp(log)));
    }

    private BallState rolling(Reading from, double speed, double radians) {
        double vx = speed * Math.cos(radians);
        double vy = speed * Math.sin(radians);
        double r = table.radiusMetres();
        return new BallState(from.x(), from.y(), vx, vy, -vy / r, vx / r, 0);
    }

    private static double radians(Reading from) {
        return Math.toRadians(from.directionDegrees());
    }

    private static double along(Reading from, double x, double y) {
        return (x - from.x()) * Math.cos(radians(from)) + (y - from.y()) * Math.sin(radians(from));
    }

    private static double left(Reading from, double x, double y) {
        return -(x - from.x()) * Math.sin(radians(from)) + (y - from.y()) * Math.cos(radians(from));
    }

    /** What the four have in common: the reading, and where the cloth's unknowns begin. */
    private abstract static class Played<R extends Reading> implements ReadingModel {
        final R reading;
        final int from;
        private final int own;
        private final int observations;

        Played(R reading, int from, int own, int observations) {
            this.reading = reading;
            this.from = from;
            this.own = own;
            this.observations = observations;
        }

        @Override
        public final int own() {
            return own;
        }

        @Override
        public final int observations() {
            return observations;
        }
    }

    private final class Roll extends Played<RollReading> {
        Roll(RollReading reading, int from) {
            super(reading, from, 2, 3);
        }

        @Override
        public double[] start(double[] shared) {
            return new double[] {Math.log(2 * reading.metres() / reading.seconds()), 0};
        }

        @Override
        public void residuals(double[] shared, double[] own, double[] out) {
            double direction = own[1] * noise.rollDirectionMilliradians() / MILLIMETRES;
            RollToRest roll = RollToRest.of(
                    scale.physics(shared, from), speed(own[0]), radians(reading), radians(reading) + direction);
            out[0] = (reading.seconds() - roll.seconds()) / noise.rollSeconds();
            out[1] = (reading.metres() - roll.alongMetres()) / noise.rollMetres();
            out[2] = (reading.asideMillimetres() - MILLIMETRES * roll.leftMetres()) / noise.rollAsideMillimetres();
        }
    }

    private final class Rebound extends Played<ReboundReading> {
        Rebound(ReboundReading reading, int from) {
            super(reading, from, 1, 2);
        }

        @Override
        public double[] start(double[] shared) {
            Physics physics = scale.physics(shared, from);
            double log = startSpeed(
                    reading.secondsToCushion(),
                    speed -> ball().releaseToCushion(rolling(reading, speed, radians(reading)), physics));
            return new double[] {log};
        }

        /** Beyond a restitution of 1 it goes on straight: the optimiser may look there, and the engine may not. */
        @Override
        public void residuals(double[] shared, double[] own, double[] out) {
            double restitution = scale.restitution(shared[from + ClothScale.RESTITUTION]);
            play(shared, own, Math.min(1, restitution), out);
            if (restitution > 1) {
                double[] below = new double[2];
                play(shared, own, 1 - RESTITUTION_STEP, below);
                for (int i = 0; i < 2; i++) {
                    out[i] += (out[i] - below[i]) * (restitution - 1) / RESTITUTION_STEP;
                }
            }
        }

        private void play(double[] shared, double[] own, double restitution, double[] out) {
            ball().release(rolling(reading, speed(own[0]), radians(reading)), scale.physics(shared, from, restitution));
            if (!ball().metCushion()) {
                fallsShort(reading, out);
                return;
            }
            out[0] = (reading.secondsToCushion() - ball().cushionSeconds()) / noise.reboundSeconds();
            out[1] = (reading.metresBack() - table.metresFromNose(reading, ball().restX(), ball().restY()))
                    / noise.reboundMetres();
        }
    }

    private final class Slide extends Played<SlideReading> {
        Slide(SlideReading reading, int from) {
            super(reading, from, 2, 2);
        }

        @Override
        public double[] start(double[] shared) {
            return new double[] {startOfStroke(reading, reading.secondsToCushion(), scale.physics(shared, from)), 0};
        }

        @Override
        public void residuals(double[] shared, double[] own, double[] out) {
            Physics physics = scale.physics(shared, from);
            double height = own[1] * noise.slideTipHeightMillimetres() / MILLIMETRES / table.radiusMetres();
            ball().releaseToCushion(
                            strike(
                                            physics,
                                            speed(own[0]),
                                            reading.directionDegrees(),
                                            0,
                                            height,
                                            0,
                                            OptionalDouble.empty())
                                    .launch(reading.x(), reading.y(), table.radiusMetres(), physics),
                            physics);
            if (!ball().metCushion()) {
                fallsShort(reading, out);
                return;
            }
            double slid = ball().beganToRoll()
                    ? along(reading, ball().rollX(), ball().rollY())
                    : along(reading, ball().cushionX(), ball().cushionY());
            double toCushion = along(reading, ball().cushionX(), ball().cushionY());
            out[0] = (reading.secondsToCushion() - ball().cushionSeconds()) / noise.slideSeconds();
            out[1] = (reading.metresSliding() - Math.min(slid, toCushion)) / noise.slideMetres();
        }
    }

    private final class Side extends Played<SideReading> {
        private final CueUnknowns cue;

        Side(SideReading reading, int from, CueUnknowns cue) {
            super(reading, from, 3, 2);
            this.cue = cue;
        }

        @Override
        public double[] start(double[] shared) {
            return new double[] {startOfStroke(reading, reading.secondsToCushion(), scale.physics(shared, from)), 0, 0};
        }

        @Override
        public void residuals(double[] shared, double[] own, double[] out) {
            Physics physics = scale.physics(shared, from);
            double tip = reading.tipSideMillimetres() + own[1] * noise.sideTipMillimetres();
            double aim = reading.directionDegrees()
                    + Math.toDegrees(own[2] * noise.sideDirectionMilliradians() / MILLIMETRES);
            CueStrike strike = strike(
                    physics,
                    speed(own[0]),
                    aim,
                    tip / MILLIMETRES / table.radiusMetres(),
                    0,
                    cue.elevationDegrees(shared),
                    OptionalDouble.of(cue.endMassRatio(shared)));
            ball().releaseToCushion(strike.launch(reading.x(), reading.y(), table.radiusMetres(), physics), physics);
            if (!ball().metCushion()) {
                fallsShort(reading, out);
                return;
            }
            out[0] = (reading.secondsToCushion() - ball().cushionSeconds()) / noise.sideSeconds();
            out[1] = (reading.missLeftMillimetres() - MILLIMETRES * left(reading, ball().cushionX(), ball().cushionY()))
                    / noise.sideMissMillimetres();
        }
    }

    /** A hand's error past the miscue limit is played at the limit. */
    private static CueStrike strike(
            Physics physics,
            double speed,
            double azimuthDegrees,
            double side,
            double height,
            double elevationDegrees,
            OptionalDouble endMassRatio) {
        double most = physics.miscueLimit();
        return new CueStrike(
                speed,
                azimuthDegrees,
                Math.max(-most, Math.min(most, side)),
                Math.max(-most, Math.min(most, height)),
                elevationDegrees,
                endMassRatio);
    }
}
