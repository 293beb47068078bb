package amberrail.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A recorded attempt against a bare endpoint that stores one row of its size, by turns in one run: machines differ, and hours on one machine too. */
public final class BareComparison {
    private static final int WARM_UP = 6000;
    private static final int TURNS = 6;
    private static final int PER_SECOND = 100;
    private static final int SECONDS_A_TURN = 5;
    private static final double WANTED = 1.6;

    private BareComparison() {}

    /** Alone: the extracted jar of ours and the bare one; nothing is written. */
    public static void main(String[] arguments) throws Exception {
        Path data = Files.createTempDirectory("bare-comparison");
        RunningJar.train(Path.of(arguments[1]));
        try (RunningJar ours = RunningJar.start(
                Path.of(arguments[0]), data, "--spring.profiles.active=demo", "--amber.demo-weeks=1")) {
            measure(ours, Path.of(arguments[1]), new Report());
        }
    }

    /** @param bare its extracted jar */
    static void measure(RunningJar ours, Path bare, Report report) throws Exception {
        try (RunningJar running = RunningJar.start(bare, Files.createTempDirectory("bare-rows"))) {
            Device device = new Device(ours.url());
            device.signIn("tamsin");
            Device other = new Device(running.url());
            SessionsOfAttempts single = new SessionsOfAttempts(device, "roll-on-to-the-ring", 1);
            SessionsOfAttempts pattern = new SessionsOfAttempts(device, "two-in-order", 2);
            UUID parent = UUID.randomUUID();
            SteadyRate.Send row = n -> other.send(
                    "PUT", "/rows/" + parent + "/" + UUID.randomUUID(), Device.attempt(UUID.randomUUID(), n, 0, 0));
            SteadyRate.Send singleShot = n -> single.next();
            SteadyRate.Send patternShot = n -> pattern.next();
            for (SteadyRate.Send send : List.of(singleShot, patternShot, row)) {
                for (int i = 0; i < WARM_UP; i++) {
                    send.nth(i);
                }
            }
            // The lines of arrival of the patterns' shots, which are worked out once.
            ours.awaitQuiet();
            running.awaitQuiet();
            List<Double> singles = new ArrayList<>();
            List<Double> patterns = new ArrayList<>();
            List<Double> rows = new ArrayList<>();
            for (int turn = 0; turn < TURNS; turn++) {
                rows.addAll(SteadyRate.milliseconds(PER_SECOND, SECONDS_A_TURN, row));
                singles.addAll(SteadyRate.milliseconds(PER_SECOND, SECONDS_A_TURN, singleShot));
                patterns.addAll(SteadyRate.milliseconds(PER_SECOND, SECONDS_A_TURN, patternShot));
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
}
