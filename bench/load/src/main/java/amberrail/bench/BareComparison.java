package amberrail.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A recorded attempt against a bare endpoint that stores one row of its size, by turns in one run: machines differ, and hours on one machine too. */
public final class BareComparison {
    private static final int WARM_UP_TURNS = 40;
    private static final int WARM_UP_A_TURN = 200;
    /** Short and many: where the machine stands still for a moment, it does so for all of them. */
    private static final int TURNS = 30;

    private static final int PER_SECOND = 100;
    private static final int SECONDS_A_TURN = 1;
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
            // By turns like what is measured: the compiler is to have seen the change from one to the other, too.
            for (int turn = 0; turn < WARM_UP_TURNS; turn++) {
                for (SteadyRate.Send send : List.of(row, singleShot, patternShot)) {
                    for (int i = 0; i < WARM_UP_A_TURN; i++) {
                        send.nth(i);
                    }
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
                single.beginWhereDue();
                singles.addAll(SteadyRate.milliseconds(PER_SECOND, SECONDS_A_TURN, singleShot));
                pattern.beginWhereDue();
                patterns.addAll(SteadyRate.milliseconds(PER_SECOND, SECONDS_A_TURN, patternShot));
            }
            Percentiles bareOne = Percentiles.of(rows);
            report.add("a bare endpoint that stores one row, PUT p95 at 100/s", "", bareOne.at(0.95), "ms");
            report.add("the same, median", "", bareOne.median(), "ms");
            compare(report, "attempt PUT p95 at 100/s by turns with it", Percentiles.of(singles), bareOne);
            compare(report, "the same, shots of a pattern", Percentiles.of(patterns), bareOne);
        }
    }

    private static void compare(Report report, String what, Percentiles ours, Percentiles bareOne) {
        report.add(what, "at most " + WANTED + " times", ours.at(0.95), "ms");
        report.add(what + ": times the bare one", "at most " + WANTED, ours.at(0.95) / bareOne.at(0.95), "");
        report.add(what + ": median, times the bare one's", "", ours.median() / bareOne.median(), "");
    }
}
