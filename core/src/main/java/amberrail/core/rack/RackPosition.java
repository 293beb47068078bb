package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.ExecutionErrors;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A moment of a rack: what is on, where the balls lie, where the cue ball lies unless it is in hand. Never changed; what can be seen from the pockets is worked
 * out when it is first asked for, and kept for balls that did not move. For one thread at a time.
 */
public final class RackPosition {
    private final RackTable table;
    private final RackGame game;
    private final int stage;
    private final Point[] places;
    private final Optional<Point> cue;
    private final BallWindows[] windows;
    private final boolean[] onTable;
    private final int[] balls;
    private final int[] on;
    private List<Opening> openings;
    private double[] rest;
    private ExecutionErrors restOf;

    RackPosition(
            RackTable table, RackGame game, int stage, Point[] places, Optional<Point> cue, BallWindows[] windows) {
        this.table = table;
        this.game = game;
        this.stage = stage;
        this.places = places;
        this.cue = cue;
        this.windows = windows;
        onTable = new boolean[places.length];
        int count = 0;
        for (int i = 0; i < places.length; i++) {
            onTable[i] = places[i] != null;
            count += onTable[i] ? 1 : 0;
        }
        balls = new int[count];
        int at = 0;
        for (int i = 0; i < places.length; i++) {
            if (onTable[i]) {
                balls[at++] = i;
            }
        }
        on = game.on(stage, onTable);
    }

    public RackTable table() {
        return table;
    }

    public RackGame game() {
        return game;
    }

    /** Index of the stage. */
    int stage() {
        return stage;
    }

    /** Id of what is on. */
    public String stageId() {
        return stageNow().id();
    }

    RackStage stageNow() {
        return game.stages().get(stage);
    }

    /** The balls on the table, by index in the game. */
    int[] onTable() {
        return balls;
    }

    boolean isOnTable(int ball) {
        return onTable[ball];
    }

    /** Where a ball on the table lies (mm). */
    public Point place(int ball) {
        return places[ball];
    }

    /** Empty when the cue ball is in hand. */
    public Optional<Point> cue() {
        return cue;
    }

    /** The balls that may be struck first. */
    int[] on() {
        return on;
    }

    boolean isOn(int ball) {
        for (int one : on) {
            if (one == ball) {
                return true;
            }
        }
        return false;
    }

    int ballsLeft() {
        return balls.length;
    }

    Point[] places() {
        return places.clone();
    }

    BallWindows windowsOf(int ball) {
        if (windows[ball] == null) {
            windows[ball] = BallWindows.of(table, places[ball]);
        }
        return windows[ball];
    }

    /** The same with the cue ball here. */
    RackPosition withCue(Point place) {
        RackPosition same = new RackPosition(table, game, stage, places, Optional.of(place), windows);
        same.adopt(this);
        return same;
    }

    /** The same for another thread. */
    RackPosition copy() {
        return new RackPosition(table, game, stage, places, cue, windows.clone());
    }

    /** The same without a ball. */
    RackPosition without(int ball) {
        Point[] rest = places.clone();
        rest[ball] = null;
        return new RackPosition(table, game, stage, rest, cue, windows.clone());
    }

    /** After a shot: balls that lie where they lay keep what was worked out for them. */
    RackPosition after(int nextStage, Point[] next, Optional<Point> nextCue) {
        BallWindows[] kept = new BallWindows[windows.length];
        for (int i = 0; i < kept.length; i++) {
            kept[i] = next[i] != null && next[i].equals(places[i]) ? windows[i] : null;
        }
        return new RackPosition(table, game, nextStage, next, nextCue, kept);
    }

    /** Index of the stage after a pot that left these balls; -1 when all is cleared. */
    int stageAfterPot(Point[] left) {
        boolean[] there = new boolean[left.length];
        for (int i = 0; i < left.length; i++) {
            there[i] = left[i] != null;
        }
        return game.after(stage, there);
    }

    /** What is open to each ball on the table, with the others where they are. */
    List<Opening> openings() {
        if (openings == null) {
            List<Opening> found = new ArrayList<>();
            for (int ball : balls) {
                Openings.of(this, ball, found);
            }
            openings = found;
        }
        return openings;
    }

    /** Takes over what was worked out for a position whose balls lie just so. */
    private void adopt(RackPosition other) {
        openings = other.openings;
        rest = other.rest;
        restOf = other.restOf;
    }

    /** The same with what was worked out for {@code other}, where the same balls lie in the same places. */
    RackPosition knowing(RackPosition other) {
        if (Arrays.equals(places, other.places)) {
            adopt(other);
        }
        return this;
    }

    /** Null where it is not known for these errors. */
    double[] restIfKnown(ExecutionErrors errors) {
        return errors.equals(restOf) ? rest : null;
    }

    void keepRest(ExecutionErrors errors, double[] found) {
        rest = found;
        restOf = errors;
    }
}
