package amberrail.core.recipe;

import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.ShotRunner;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleFunction;

/**
 * How far one thing may be off, all else being right, before the shot fails.
 *
 * @param pacePercent          softer and harder
 * @param tipHeightMillimetres lower and higher
 * @param aimMilliradians      launch direction, to the right and to the left
 */
public record AllowedErrors(Room pacePercent, Room tipHeightMillimetres, Room aimMilliradians) {
    /** Past what is allowed by this much (mm, mrad, per cent), so that it surely goes wrong. */
    private static final double BEYOND = 1e-3;

    /** Room below and above in the unit of what it is room for, both 0 or more. */
    public record Room(double below, double above) {}

    /** Which way a stroke can be off. */
    public enum Fault {
        TOO_SOFT,
        TOO_HARD,
        TOO_LOW,
        TOO_HIGH,
        AIMED_RIGHT,
        AIMED_LEFT;

        /** The same on the other side of the table. */
        public Fault mirrored() {
            return switch (this) {
                case AIMED_RIGHT -> AIMED_LEFT;
                case AIMED_LEFT -> AIMED_RIGHT;
                case TOO_SOFT, TOO_HARD, TOO_LOW, TOO_HIGH -> this;
            };
        }
    }

    /** What rounds to 0.1 per cent, mm or mrad. */
    private static final double LEAST_SHOWN = 0.05;

    private static final double MOST_PACE_PERCENT = 60;
    /** Of the ball's radius: past it any stroke slips off. */
    private static final double MOST_TIP_SHARE = 0.5;

    private static final double MOST_AIM_MILLIRADIANS = 60;
    private static final int FIRST_STEPS = 24;
    private static final int HALVINGS = 9;

    static AllowedErrors of(ShotRunner runner, ShotTask task, PlannedStroke stroke) {
        return new AllowedErrors(
                room(runner, task, MOST_PACE_PERCENT, percent -> stroke.moved(percent / 100, 0, 0)),
                room(runner, task, MOST_TIP_SHARE * task.cueRadiusMillimetres(), tip -> stroke.moved(0, tip, 0)),
                room(runner, task, MOST_AIM_MILLIRADIANS, aim -> stroke.moved(0, 0, aim)));
    }

    /** Whether a person can play it at all: pace, height and aim may each be off by something that a screen can show. */
    public boolean leaveRoom() {
        return leavesRoom(pacePercent) && leavesRoom(tipHeightMillimetres) && leavesRoom(aimMilliradians);
    }

    private static boolean leavesRoom(Room room) {
        return room.below() >= LEAST_SHOWN || room.above() >= LEAST_SHOWN;
    }

    /** What goes wrong first for a student with these errors: the least room in units of the student's own deviation. */
    public Fault firstToGoWrong(ExecutionErrors errors) {
        double pace = 100 * errors.paceFraction();
        record Measured(Fault fault, double deviations) {}
        return List.of(
                        new Measured(Fault.TOO_SOFT, pacePercent.below / pace),
                        new Measured(Fault.TOO_HARD, pacePercent.above / pace),
                        new Measured(Fault.TOO_LOW, tipHeightMillimetres.below / errors.tipHeightMillimetres()),
                        new Measured(Fault.TOO_HIGH, tipHeightMillimetres.above / errors.tipHeightMillimetres()),
                        new Measured(Fault.AIMED_RIGHT, aimMilliradians.below / errors.aimMilliradians()),
                        new Measured(Fault.AIMED_LEFT, aimMilliradians.above / errors.aimMilliradians()))
                .stream()
                .min(Comparator.comparingDouble(Measured::deviations))
                .orElseThrow()
                .fault();
    }

    /** The stroke just past the room on one side. */
    PlannedStroke pastThe(Fault fault, PlannedStroke stroke) {
        double past = 1.03;
        return switch (fault) {
            case TOO_SOFT -> stroke.moved(-past * pacePercent.below / 100 - 1e-4, 0, 0);
            case TOO_HARD -> stroke.moved(past * pacePercent.above / 100 + 1e-4, 0, 0);
            case TOO_LOW -> stroke.moved(0, -past * tipHeightMillimetres.below - BEYOND, 0);
            case TOO_HIGH -> stroke.moved(0, past * tipHeightMillimetres.above + BEYOND, 0);
            case AIMED_RIGHT -> stroke.moved(0, 0, -past * aimMilliradians.below - BEYOND);
            case AIMED_LEFT -> stroke.moved(0, 0, past * aimMilliradians.above + BEYOND);
        };
    }

    private static Room room(ShotRunner runner, ShotTask task, double most, DoubleFunction<PlannedStroke> at) {
        return new Room(reach(runner, task, -most, at), reach(runner, task, most, at));
    }

    /** Outwards in growing steps until it fails, then between the last two; the whole way if it never fails. */
    private static double reach(ShotRunner runner, ShotTask task, double most, DoubleFunction<PlannedStroke> at) {
        double good = 0;
        double bad = Double.NaN;
        for (int i = 1; i <= FIRST_STEPS; i++) {
            double share = (double) i / FIRST_STEPS;
            double tried = most * share * share;
            if (!succeeds(runner, task, at.apply(tried))) {
                bad = tried;
                break;
            }
            good = tried;
        }
        if (Double.isNaN(bad)) {
            return Math.abs(most);
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (good + bad) / 2;
            if (succeeds(runner, task, at.apply(middle))) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return Math.abs(good);
    }

    static boolean succeeds(ShotRunner runner, ShotTask task, PlannedStroke stroke) {
        return runner.play(stroke.onBall(task.cueRadiusMillimetres()), stroke.launchDegrees())
                && task.success().test(runner.result());
    }
}
