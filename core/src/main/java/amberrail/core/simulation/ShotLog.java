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

    void clear() {
        events = 0;
        pieces = 0;
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
        int at = slot * VALUES;
        states[at] = w.x[i];
        states[at + 1] = w.y[i];
        states[at + 2] = w.vx[i];
        states[at + 3] = w.vy[i];
        states[at + 4] = w.wx[i];
        states[at + 5] = w.wy[i];
        states[at + 6] = w.wz[i];
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
        if (pieces == pieceBall.length) {
            int size = 2 * pieces;
            pieceBall = Arrays.copyOf(pieceBall, size);
            piecePhase = Arrays.copyOf(piecePhase, size);
            piece = Arrays.copyOf(piece, size * PIECE_VALUES);
        }
        int at = pieces * PIECE_VALUES;
        pieceBall[pieces] = i;
        piecePhase[pieces] = w.phase[i];
        piece[at] = w.since[i];
        piece[at + 1] = w.until[i];
        piece[at + 2] = w.x[i];
        piece[at + 3] = w.y[i];
        piece[at + 4] = w.vx[i];
        piece[at + 5] = w.vy[i];
        piece[at + 6] = w.wx[i];
        piece[at + 7] = w.wy[i];
        piece[at + 8] = w.wz[i];
        piece[at + 9] = w.ax[i];
        piece[at + 10] = w.ay[i];
        piece[at + 11] = w.phase[i] == ShotWorkspace.SLIDING ? w.spinRateX[i] : 0;
        piece[at + 12] = w.phase[i] == ShotWorkspace.SLIDING ? w.spinRateY[i] : 0;
        pieces++;
    }
}
