package amberrail.bench;

import java.util.ArrayList;
import java.util.List;

/** Writing attempts at a steady rate, and the review of a session of 500. */
final class ServerFigures {
    private static final int PER_SECOND = 100;
    private static final int SECONDS = 30;
    /** A minute's worth at the measured rate: after a start the compiler itself needs both cores for a while. */
    private static final int WARM_UP = 6000;

    private static final int SESSION_LENGTH = 200;
    private static final int REVIEWED_ATTEMPTS = 500;
    private static final int REVIEWS = 60;

    private ServerFigures() {}

    static void measure(String url, Report report) throws Exception {
        Device device = new Device(url);
        device.signIn("tamsin");
        String warm = "";
        for (int i = 0; i < WARM_UP; i++) {
            if (i % SESSION_LENGTH == 0) {
                warm = device.beginSession();
            }
            device.putAttempt(warm, i % SESSION_LENGTH);
        }
        Percentiles puts = puts(device);
        report.add("attempt PUT p95 at " + PER_SECOND + "/s for " + SECONDS + " s", "under 15 ms", puts.at(0.95), "ms");
        report.add("attempt PUT median", "", puts.median(), "ms");
        String session = device.beginSession();
        for (int i = 0; i < REVIEWED_ATTEMPTS; i++) {
            device.putAttempt(session, i);
        }
        Percentiles reviews = reviews(device, session);
        report.add(
                "review of a session with " + REVIEWED_ATTEMPTS + " attempts, p95 with the way there and back",
                "under 100 ms",
                reviews.at(0.95),
                "ms");
    }

    private static Percentiles puts(Device device) throws Exception {
        String[] session = {""};
        return Percentiles.of(SteadyRate.milliseconds(PER_SECOND, SECONDS, n -> {
            if (n % SESSION_LENGTH == 0) {
                session[0] = device.beginSession();
            }
            device.putAttempt(session[0], n % SESSION_LENGTH);
        }));
    }

    private static Percentiles reviews(Device device, String session) throws Exception {
        List<Double> milliseconds = new ArrayList<>();
        for (int i = 0; i < REVIEWS; i++) {
            long begun = System.nanoTime();
            device.send("GET", "/api/v1/sessions/" + session + "/review?station=" + i % 3, null);
            milliseconds.add((System.nanoTime() - begun) / 1e6);
        }
        return Percentiles.of(milliseconds.subList(REVIEWS / 3, REVIEWS));
    }
}
