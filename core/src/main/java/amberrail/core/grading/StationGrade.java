package amberrail.core.grading;

import amberrail.core.problem.Require;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.StrokeNoise;
import amberrail.core.statistics.GradeScale;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * How hard a station is, and what makes it hard.
 *
 * @param difficulty with all errors
 * @param easierBy   grade points that it falls by when one kind of error is switched off; the greatest is what matters most there
 */
public record StationGrade(Difficulty difficulty, Map<ErrorKind, Double> easierBy) {
    /** Strokes for a first value. */
    private static final int ROUGH_STROKES = 400;

    private static final long SEED = 20_242;

    /** The four things that a stroke errs in. */
    public enum ErrorKind {
        AIM,
        PACE,
        HEIGHT,
        SIDE;

        ExecutionErrors without(ExecutionErrors e) {
            return new ExecutionErrors(
                    this == AIM ? 0 : e.aimMilliradians(),
                    this == PACE ? 0 : e.paceFraction(),
                    this == HEIGHT ? 0 : e.tipHeightMillimetres(),
                    this == SIDE ? 0 : e.tipSideMillimetres());
        }
    }

    public StationGrade {
        // Always in the order of the kinds, so that it reads and writes the same.
        easierBy = Collections.unmodifiableMap(new EnumMap<>(easierBy));
    }

    /**
     * @param shots     the station's shots with their usual strokes
     * @param strokes   a band, from 400; the proofs ask for 4,000
     * @param firstGuess told a rough value before the long work begins
     * @param cancelled asked often; {@code CancellationException} once true
     */
    public static StationGrade of(
            List<Difficulty.Played> shots, int strokes, Consumer<Difficulty> firstGuess, BooleanSupplier cancelled) {
        Require.between("strokes", strokes, ROUGH_STROKES, 1_000_000);
        StrokeNoise rough = StrokeNoise.of(ROUGH_STROKES, SEED);
        StrokeNoise fine = StrokeNoise.of(strokes, SEED);
        Difficulty guess = Difficulty.of(shots, ExecutionErrors::ofAbility, rough, rough, cancelled);
        firstGuess.accept(guess);
        Difficulty whole = Difficulty.of(shots, ExecutionErrors::ofAbility, rough, fine, cancelled);
        Map<ErrorKind, Double> easierBy = new EnumMap<>(ErrorKind.class);
        for (ErrorKind kind : ErrorKind.values()) {
            Difficulty without = Difficulty.of(
                    shots, ability -> kind.without(ExecutionErrors.ofAbility(ability)), rough, rough, cancelled);
            // Both with the same few strokes: then their difference is surer than either.
            easierBy.put(kind, GradeScale.points(guess.abilityLogits() - without.abilityLogits()));
        }
        return new StationGrade(whole, easierBy);
    }
}
