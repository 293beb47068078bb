package amberrail.core.attempt;

import java.util.List;
import java.util.stream.LongStream;

/** How long a practice took, measured: what lay between its shots, pauses left out. */
public final class PracticeTime {
    /** A longer gap between two shots is a break that nobody told the tool about; so much of it counts. */
    private static final long LONGEST_GAP_MILLISECONDS = 10 * 60_000L;

    private static final double MILLISECONDS_PER_MINUTE = 60_000;

    private PracticeTime() {}

    /** A stretch between two pauses, in milliseconds of one clock. */
    public record Stretch(long begunMilliseconds, long endedMilliseconds) {}

    /**
     * Minutes of practice.
     *
     * @param stretches when it was under way, one after the other
     * @param shots     when shots were played, in any order; those outside every stretch count nothing
     */
    public static double minutes(List<Stretch> stretches, List<Long> shots) {
        long sum = 0;
        for (Stretch stretch : stretches) {
            long[] marks = LongStream.concat(
                            shots.stream()
                                    .mapToLong(Long::longValue)
                                    .filter(at -> at > stretch.begunMilliseconds && at < stretch.endedMilliseconds),
                            LongStream.of(stretch.endedMilliseconds))
                    .sorted()
                    .toArray();
            long last = stretch.begunMilliseconds;
            for (long mark : marks) {
                sum += Math.min(LONGEST_GAP_MILLISECONDS, Math.max(0, mark - last));
                last = mark;
            }
        }
        return sum / MILLISECONDS_PER_MINUTE;
    }
}
