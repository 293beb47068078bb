package amberrail.bench;

import java.util.ArrayList;
import java.util.List;

/** Requests at a steady rate from one client. The clock of the rate does not wait for a slow answer: a late request counts its waiting. */
final class SteadyRate {
    private SteadyRate() {}

    /** What is sent as the nth request. */
    interface Send {
        void nth(int n) throws Exception;
    }

    /** How long each took, from when it was due to its answer (ms). */
    static List<Double> milliseconds(int perSecond, int seconds, Send send) throws Exception {
        List<Double> milliseconds = new ArrayList<>();
        long begun = System.nanoTime();
        for (int i = 0; i < perSecond * seconds; i++) {
            long due = begun + i * 1_000_000_000L / perSecond;
            while (System.nanoTime() < due) {
                Thread.sleep(0, 200_000);
            }
            send.nth(i);
            milliseconds.add((System.nanoTime() - due) / 1e6);
        }
        return milliseconds;
    }
}
