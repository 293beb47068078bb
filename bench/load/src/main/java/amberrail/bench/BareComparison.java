package amberrail.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A recorded attempt against a bare endpoint that stores one row of its size, by turns in one run: machines differ, and hours on one machine too. */
final class BareComparison {
    private static final int WARM_UP = 6000;
    private static final int TURNS = 6;
    private static final int PER_SECOND = 100;
    private static final int SECONDS_A_TURN = 5;
    private static final double WANTED = 1.6;

    private BareComparison() {}

    /** What is sent as the nth of a turn. */
    private interface Send {
        void nth(int n) throws Exception;
    }

    /** @param bare its extracted jar */
    static void measure(String ours, Path bare, Report report) throws Exception {
        try (RunningJar running = RunningJar.start(bare, Files.createTempDirectory("bare-rows"))) {
            Device device = new Device(ours);
            device.signIn("tamsin");
            Device other = new Device(running.url());
            Recorder single = new Recorder(device, "roll-on-to-the-ring", 1);
            Recorder pattern = new Recorder(device, "two-in-order", 2);
            UUID parent = UUID.randomUUID();
            Send row = n -> other.send(
                    "PUT", "/rows/" + parent + "/" + UUID.randomUUID(), Device.attempt(UUID.randomUUID(), n, 0, 0));
            for (Send send : List.<Send>of(single::next, pattern::next, row)) {
                for (int i = 0; i < WARM_UP; i++) {
                    send.nth(i);
                }
            }
            List<Double> singles = new ArrayList<>();
            List<Double> patterns = new ArrayList<>();
            List<Double> rows = new ArrayList<>();
            for (int turn = 0; turn < TURNS; turn++) {
                rows.addAll(steadily(row));
                singles.addAll(steadily(single::next));
                patterns.addAll(steadily(pattern::next));
            }
            double least = Percentiles.of(rows).at(0.95);
            report.add("a bare endpoint that stores one row, PUT p95 at 100/s", "", least, "ms");
            compare(report, "attempt PUT p95 at 100/s by turns with it", singles, least);
            compare(report, "the same, shots of a pattern", patterns, least);
        }
    }

    private static void compare(Report report, String what, List<Double> milliseconds, double least) {
        double p95 = Percentiles.of(milliseconds).at(0.95);
        report.add(what, "at most " + WANTED + " times", p95, "ms");
        report.add(what + ": times the bare one", "at most " + WANTED, p95 / least, "");
    }

    private static List<Double> steadily(Send send) throws Exception {
        List<Double> milliseconds = new ArrayList<>();
        long begun = System.nanoTime();
        for (int i = 0; i < PER_SECOND * SECONDS_A_TURN; i++) {
            long due = begun + i * 1_000_000_000L / PER_SECOND;
            while (System.nanoTime() < due) {
                Thread.sleep(0, 200_000);
            }
            send.nth(i);
            milliseconds.add((System.nanoTime() - due) / 1e6);
        }
        return milliseconds;
    }

    /** One device that records try after try, in sessions of 200 attempts. */
    private static final class Recorder {
        private static final int SESSION_LENGTH = 200;
        private final Device device;
        private final String drill;
        private final int shots;
        private String session = "";
        private UUID attempt = UUID.randomUUID();
        private UUID currentTry = UUID.randomUUID();
        private int sent;

        Recorder(Device device, String drill, int shots) {
            this.device = device;
            this.drill = drill;
            this.shots = shots;
        }

        void next(int ignored) throws Exception {
            int sequence = sent++ % SESSION_LENGTH;
            if (sequence == 0) {
                session = device.beginSession(drill);
            }
            int shot = sequence % shots;
            if (shot == 0) {
                currentTry = UUID.randomUUID();
            }
            attempt = UUID.randomUUID();
            device.send(
                    "PUT",
                    "/api/v1/sessions/" + session + "/attempts/" + attempt,
                    Device.attempt(currentTry, sequence, shot, sequence % 90));
        }
    }
}
