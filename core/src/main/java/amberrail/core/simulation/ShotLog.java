package amberrail.core.simulation;

import java.util.Arrays;

/** What happened, as growing arrays; kept only where somebody will read it. */
final class ShotLog {
    static final int VALUES = 7;

    int events;
    int[] kind = new int[64];
    int[] ball = new int[64];
    int[] other = new int[64];
    int[] place = new int[64];
    double[] time = new double[64];
    /** For each event the states before and after, of ball and other: 4 x 7 numbers. */
    double[] states = new double[64 * 4 * VALUES];

    int pieces;
    int[] pieceBall = new int[64];
    int[] piecePhase = new int[64];
    /** since, until, state (7), acceleration (2), change of spin (2). */
    double[] piece = new double[64 * PIECE_VALUES];

    static final int PIECE_VALUES = 13;

    /** Groups that pressed on one another: how long, and their members' rows, two states each. */
    int presses;

    double[] pressSeconds = new double[8];
    /** First row of each group; its rows end where the next group's begin. */
    int[] pressFrom = new int[9];

    int[] memberBall = new int[64];
    double[] memberStates = new double[64 * 2 * VALUES];

    void clear() {
        events = 0;
        pieces = 0;
        presses = 0;
    }

    /** A group that has parted: one event for it, one for each two that touched, and a straight piece for the time in which they pressed. */
    void press(double at, ClusterImpact group, ShotWorkspace w) {
        int from = pressFrom[presses];
        if (presses + 1 == pressSeconds.length) {
            pressSeconds = Arrays.copyOf(pressSeconds, 2 * pressSeconds.length);
            pressFrom = Arrays.copyOf(pressFrom, 2 * pressSeconds.length + 1);
        }
        while (from + group.count() > memberBall.length) {
            memberBall = Arrays.copyOf(memberBall, 2 * memberBall.length);
            memberStates = Arrays.copyOf(memberStates, 2 * memberStates.length);
        }
        for (int member = 0; member < group.count(); member++) {
            int row = from + member;
            memberBall[row] = group.ball(member);
            System.arraycopy(group.before(), member * VALUES, memberStates, 2 * row * VALUES, VALUES);
            w.copy(group.ball(member), memberStates, (2 * row + 1) * VALUES);
            bridge(w, row, at + group.joinedAfter(member), group.seconds() - group.joinedAfter(member));
        }
        pressSeconds[presses] = group.seconds();
        pressFrom[presses + 1] = from + group.count();
        note(ShotLoop.BALLS_PRESS, at, group.ball(0), group.ball(1));
        for (int touch = 0; touch < group.touches(); touch++) {
            note(ShotLoop.TOUCH_IN_GROUP, at, group.touching(touch), group.touched(touch));
        }
        presses++;
    }

    private void note(int eventKind, double at, int a, int b) {
        int event = event(eventKind, at, Math.min(a, b), Math.max(a, b), presses);
        for (int row = pressFrom[presses]; row < pressFrom[presses + 1]; row++) {
            if (memberBall[row] == ball[event] || memberBall[row] == other[event]) {
                int slot = 4 * event + (memberBall[row] == ball[event] ? 0 : 2);
                System.arraycopy(memberStates, 2 * row * VALUES, states, slot * VALUES, 2 * VALUES);
            }
        }
    }

    private void bridge(ShotWorkspace w, int row, double at, double seconds) {
        int i = memberBall[row];
        int piece = newPiece(i, ShotWorkspace.SLIDING);
        int from = 2 * row * VALUES;
        double x = memberStates[from];
        double y = memberStates[from + 1];
        this.piece[piece] = at;
        this.piece[piece + 1] = at + seconds;
        this.piece[piece + 2] = x;
        this.piece[piece + 3] = y;
        this.piece[piece + 4] = seconds > 0 ? (w.x[i] - x) / seconds : 0;
        this.piece[piece + 5] = seconds > 0 ? (w.y[i] - y) / seconds : 0;
        System.arraycopy(memberStates, from + 4, this.piece, piece + 6, 3);
        Arrays.fill(this.piece, piece + 9, piece + PIECE_VALUES, 0);
    }

    int event(int eventKind, double at, int a, int b, int where) {
        if (events == kind.length) {
            int size = 2 * events;
            kind = Arrays.copyOf(kind, size);
            ball = Arrays.copyOf(ball, size);
            other = Arrays.copyOf(other, size);
            place = Arrays.copyOf(place, size);
            time = Arrays.copyOf(time, size);
            states = Arrays.copyOf(states, size * 4 * VALUES);
        }
        kind[events] = eventKind;
        ball[events] = a;
        other[events] = b;
        place[events] = where;
        time[events] = at;
        return events++;
    }

    void before(int event, ShotWorkspace w) {
        copy(w, ball[event], 4 * event);
        copy(w, other[event], 4 * event + 2);
    }

    void after(int event, ShotWorkspace w) {
        copy(w, ball[event], 4 * event + 1);
        copy(w, other[event], 4 * event + 3);
    }

    private void copy(ShotWorkspace w, int i, int slot) {
        if (i < 0) {
            return;
        }
        w.copy(i, states, slot * VALUES);
    }

    /** When a piece ended: where the same ball's next one begins, or the shot's end. */
    double endOfPiece(int piece, double shotEnd) {
        for (int next = piece + 1; next < pieces; next++) {
            if (pieceBall[next] == pieceBall[piece]) {
                return this.piece[next * PIECE_VALUES];
            }
        }
        return shotEnd;
    }

    /** Called when a piece begins; its end is known when the next one of the same ball begins. */
    void piece(ShotWorkspace w, int i) {
        int at = newPiece(i, w.phase[i]);
        piece[at] = w.since[i];
        piece[at + 1] = w.until[i];
        w.copy(i, piece, at + 2);
        piece[at + 9] = w.ax[i];
        piece[at + 10] = w.ay[i];
        piece[at + 11] = w.phase[i] == ShotWorkspace.SLIDING ? w.spinRateX[i] : 0;
        piece[at + 12] = w.phase[i] == ShotWorkspace.SLIDING ? w.spinRateY[i] : 0;
    }

    /** Where the numbers of a new piece begin. */
    private int newPiece(int i, int phase) {
        if (pieces == pieceBall.length) {
            int size = 2 * pieces;
            pieceBall = Arrays.copyOf(pieceBall, size);
            piecePhase = Arrays.copyOf(piecePhase, size);
            piece = Arrays.copyOf(piece, size * PIECE_VALUES);
        }
        pieceBall[pieces] = i;
        piecePhase[pieces] = phase;
        return PIECE_VALUES * pieces++;
    }
}
