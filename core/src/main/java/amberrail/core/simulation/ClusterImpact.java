package amberrail.core.simulation;

import amberrail.core.motion.Physics;
import java.util.Arrays;

/**
 * Three or more balls that touch or nearly touch are resolved together, in time, until all contacts have parted (physics/model.md, section 4b).
 *
 * <p>{@link #gathers} finds the group of a pair that meets; {@link #resolve} plays it to its end. One object serves a loop's shots without making
 * garbage; not for two threads at once.
 */
final class ClusterImpact {
    /** g0: nearer than this to a member a ball belongs to the group. */
    private static final double NEARLY_TOUCHING_METRES = 3e-4;

    private static final double LONGEST_SECONDS = 5e-3;

    /** Of the midpoint rule: within about 1e-4 m/s of the limit in a break at 8 m/s (model.md, "Size of things"). */
    private static final double STEP_SECONDS = 4e-7;

    /** Pairs further apart than this cannot press before the pairs are looked at anew. */
    private static final double LOOKED_AT_METRES = 1.5e-3;

    private static final int STEPS_BETWEEN_LOOKS = 32;
    private static final int STEPS_BETWEEN_ENDS = 4;

    /** When a pair holds on: pressed, pressing on, or going to touch soon (section 4b, "End"). */
    private static final double PRESSED_METRES = 1e-7;

    private static final double PRESSES_ON_METRES_PER_SECOND = 1e-4;
    private static final double SOON_SECONDS = 1e-4;

    private final int most;
    private final int[] ballOf;
    private final boolean[] isMember;
    private final double[] before;
    private final double[] joined;
    private final GroupState state;
    private final GroupState middle;
    private final PressedPairs pairs;
    private final int[] nearA;
    private final int[] nearB;
    private final boolean[] touched;
    private final int[] touchA;
    private final int[] touchB;
    private int near;
    private int touches;
    private int count;
    private double seconds;

    ClusterImpact(int mostBalls) {
        most = mostBalls;
        ballOf = new int[most];
        isMember = new boolean[most];
        before = new double[most * ShotLog.VALUES];
        joined = new double[most];
        state = new GroupState(most);
        middle = state.another();
        pairs = new PressedPairs(most);
        nearA = new int[most * most];
        nearB = new int[most * most];
        touched = new boolean[most * most];
        touchA = new int[most * most];
        touchB = new int[most * most];
    }

    void begin(Physics physics) {
        pairs.begin(physics);
    }

    /** Number of balls in the group. */
    int count() {
        return count;
    }

    /** The ball of a member. */
    int ball(int member) {
        return ballOf[member];
    }

    /** x, y, vx, vy, wx, wy, wz of a member when it joined, from {@link #before()} at this place on. */
    double[] before() {
        return before;
    }

    /** How long after the group's begin a member joined (s); 0 for the first. */
    double joinedAfter(int member) {
        return joined[member];
    }

    /** How long they pressed (s). */
    double seconds() {
        return seconds;
    }

    /** Number of pairs that touched, in the order in which they closed. */
    int touches() {
        return touches;
    }

    /** Lower and higher ball of a pair that touched. */
    int touching(int touch) {
        return Math.min(ballOf[touchA[touch]], ballOf[touchB[touch]]);
    }

    int touched(int touch) {
        return Math.max(ballOf[touchA[touch]], ballOf[touchB[touch]]);
    }

    /** Whether these two, whose states are of this moment, belong to a group of three or more. */
    boolean gathers(ShotWorkspace balls, int a, int b, double now) {
        Arrays.fill(isMember, false);
        count = 0;
        add(a);
        add(b);
        boolean grown = true;
        while (grown) {
            grown = false;
            for (int i = 0; i < balls.count; i++) {
                if (mayJoin(balls, i, now) && isNearMember(balls, i, now)) {
                    add(i);
                    grown = true;
                }
            }
        }
        return count > 2;
    }

    private void add(int ball) {
        ballOf[count++] = ball;
        isMember[ball] = true;
    }

    private boolean mayJoin(ShotWorkspace balls, int i, double now) {
        return !isMember[i] && balls.phase[i] != ShotWorkspace.POTTED && balls.since[i] <= now;
    }

    private boolean isNearMember(ShotWorkspace balls, int i, double now) {
        for (int member = 0; member < count; member++) {
            int j = ballOf[member];
            double dx = balls.xAt(i, now) - balls.xAt(j, now);
            double dy = balls.yAt(i, now) - balls.yAt(j, now);
            double reach = balls.touching(i, j) + NEARLY_TOUCHING_METRES;
            if (dx * dx + dy * dy < reach * reach) {
                return true;
            }
        }
        return false;
    }

    /**
     * Plays the gathered group from {@code now} on; its balls' states are then of the moment at which all have parted.
     *
     * @param freeUntil until when each ball outside moves on as it does now, if nothing presses on it (s)
     */
    void resolve(ShotWorkspace balls, double now, double[] freeUntil) {
        touches = 0;
        seconds = 0;
        for (int member = 0; member < count; member++) {
            enter(balls, member, now);
        }
        for (int steps = 0; ; steps++) {
            seconds = steps * STEP_SECONDS;
            if (steps % STEPS_BETWEEN_LOOKS == 0) {
                lookForOthers(balls, now + seconds, freeUntil);
                listNear();
            }
            if (steps % STEPS_BETWEEN_ENDS == 0 && (seconds >= LONGEST_SECONDS || !holdsOn())) {
                break;
            }
            press(state);
            middle.step(state, state, count, 0.5 * STEP_SECONDS);
            press(middle);
            state.step(state, middle, count, STEP_SECONDS);
        }
        for (int member = 0; member < count; member++) {
            state.give(balls, ballOf[member], member);
            balls.since[ballOf[member]] = now + seconds;
        }
    }

    private void enter(ShotWorkspace balls, int member, double time) {
        int ball = ballOf[member];
        balls.advance(ball, time);
        balls.since[ball] = time;
        state.take(balls, ball, member);
        balls.copy(ball, before, member * ShotLog.VALUES);
        joined[member] = seconds;
        for (int other = 0; other < member; other++) {
            pairs.join(state, other, member);
            touched[other * most + member] = false;
        }
    }

    /** Whoever is near to one that came is near to the group now: until nobody comes any more. */
    private void lookForOthers(ShotWorkspace balls, double time, double[] freeUntil) {
        boolean grown = true;
        while (grown) {
            grown = false;
            for (int i = 0; i < balls.count; i++) {
                if (mayJoin(balls, i, time) && time <= freeUntil[i] && isNearState(balls, i, time)) {
                    add(i);
                    enter(balls, count - 1, time);
                    grown = true;
                }
            }
        }
    }

    private boolean isNearState(ShotWorkspace balls, int i, double time) {
        double x = balls.xAt(i, time);
        double y = balls.yAt(i, time);
        for (int member = 0; member < count; member++) {
            double dx = x - state.x[member];
            double dy = y - state.y[member];
            double reach = balls.touching(i, ballOf[member]) + NEARLY_TOUCHING_METRES;
            if (dx * dx + dy * dy < reach * reach) {
                return true;
            }
        }
        return false;
    }

    private void listNear() {
        near = 0;
        for (int b = 1; b < count; b++) {
            for (int a = 0; a < b; a++) {
                if (pairs.gap(state, a, b) < LOOKED_AT_METRES) {
                    nearA[near] = a;
                    nearB[near++] = b;
                }
            }
        }
    }

    private void press(GroupState at) {
        at.clearRates(count);
        for (int pair = 0; pair < near; pair++) {
            if (pairs.press(at, nearA[pair], nearB[pair])) {
                noteTouch(nearA[pair], nearB[pair]);
            }
        }
    }

    private void noteTouch(int a, int b) {
        if (!touched[a * most + b]) {
            touched[a * most + b] = true;
            touchA[touches] = a;
            touchB[touches++] = b;
        }
    }

    private boolean holdsOn() {
        for (int pair = 0; pair < near; pair++) {
            double gap = pairs.gap(state, nearA[pair], nearB[pair]);
            if (gap < -PRESSED_METRES) {
                return true;
            }
            double approach = state.approach(nearA[pair], nearB[pair]);
            if (gap < 0 && approach > PRESSES_ON_METRES_PER_SECOND
                    || approach > ShotLoop.CREEPS_METRES_PER_SECOND && gap < approach * SOON_SECONDS) {
                return true;
            }
        }
        return false;
    }
}
