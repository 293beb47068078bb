package amberrail.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/** A full hall: twenty devices recording at once, each into a session of its own. */
final class ManyDevices {
    private static final int DEVICES = 20;
    /** Several people: one name may not sign in twenty times within a minute. */
    private static final List<String> NAMES =
            List.of("tamsin", "odo", "wren", "jory", "sabela", "halvard", "ines", "bertram");

    private static final int SECONDS = 30;
    /** Far faster than anybody plays: a shot takes 10 to 20 seconds. */
    private static final int ATTEMPTS_EACH = 2 * SECONDS;

    private ManyDevices() {}

    static void measure(String url, Report report) throws Exception {
        List<Double> milliseconds = Collections.synchronizedList(new ArrayList<>());
        CountDownLatch ready = new CountDownLatch(DEVICES);
        ExecutorService pool = Executors.newFixedThreadPool(DEVICES);
        List<Future<Integer>> stored = new ArrayList<>();
        for (int d = 0; d < DEVICES; d++) {
            int offset = d;
            stored.add(pool.submit(() -> {
                Device device = new Device(url);
                device.signIn(NAMES.get(offset % NAMES.size()));
                String session = device.beginSession();
                ready.countDown();
                if (!ready.await(60, TimeUnit.SECONDS)) {
                    throw new IllegalStateException("not all devices could sign in");
                }
                record(device, session, offset, milliseconds);
                return device.send("GET", "/api/v1/sessions/" + session, null)
                        .get("attempts")
                        .size();
            }));
        }
        int all = 0;
        for (Future<Integer> one : stored) {
            all += one.get();
        }
        pool.shutdown();
        report.add(
                DEVICES + " devices at once, " + ATTEMPTS_EACH + " attempts each: PUT p95",
                "under 30 ms",
                Percentiles.of(milliseconds).at(0.95),
                "ms");
        report.add("attempts of those that were lost", "none", DEVICES * ATTEMPTS_EACH - all, "");
    }

    /** A late request counts its waiting; devices are out of step as people are. */
    private static void record(Device device, String session, int offset, List<Double> milliseconds) throws Exception {
        long each = SECONDS * 1_000_000_000L / ATTEMPTS_EACH;
        long begun = System.nanoTime() + offset * each / DEVICES;
        for (int i = 0; i < ATTEMPTS_EACH; i++) {
            long due = begun + i * each;
            while (System.nanoTime() < due) {
                Thread.sleep(1);
            }
            device.putAttempt(session, i);
            milliseconds.add((System.nanoTime() - due) / 1e6);
        }
    }
}
