package amberrail.bench;

import java.util.List;

/** Measured times in order. */
public record Percentiles(List<Double> sorted) {
    public static Percentiles of(List<Double> values) {
        return new Percentiles(values.stream().sorted().toList());
    }

    /** The value that this share of the times does not exceed. */
    public double at(double share) {
        return sorted.get(Math.min(sorted.size() - 1, (int) Math.ceil(share * sorted.size()) - 1));
    }

    double median() {
        return at(0.5);
    }
}
