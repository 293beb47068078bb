package amberrail.core.kit;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.List;

/**
 * A cue's numbers from strokes with side, together with what is known of the table they were played on: squirt and the cloth's drift look
 * alike in a single stroke.
 *
 * @see "kit/README.md, Estimation"
 */
public final class CueCheck {
    private static final int END_MASS = 0;
    private static final int ELEVATION = 1;
    private static final int CLOTH = 2;
    /** As most players hold it over an open bed; nobody has measured it before. */
    static final double USUAL_ELEVATION_DEGREES = 2.5;

    static final double ELEVATION_LOG_SPREAD = 0.36;
    private static final double STEEPEST_DEGREES = 30;

    private CueCheck() {}

    /** {@code usualEndMassRatio} is the preset's; without readings the answer is the prior. */
    public static CueEstimate of(
            CheckedTable table,
            TableEstimate.Posterior cloth,
            double usualEndMassRatio,
            List<SideReading> readings,
            ReadingNoise noise) {
        if (readings.size() > 200) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "readings", readings.size(), "must be at most 200");
        }
        Unknowns cue = new Unknowns(usualEndMassRatio);
        ReadingModels models = new ReadingModels(table, noise);
        double[] mean = new double[CLOTH + ClothScale.SIZE];
        double[][] precision = Matrices.diagonal(mean.length, 1);
        for (int i = 0; i < ClothScale.SIZE; i++) {
            mean[CLOTH + i] = cloth.mode()[i];
            System.arraycopy(cloth.precision()[i], 0, precision[CLOTH + i], CLOTH, ClothScale.SIZE);
        }
        Faults faults = new Faults(reading -> models.of(reading, CLOTH, cue), mean, precision);
        List<Reading> all = new ArrayList<>(readings);
        JointFit.Found found = faults.fit(all);
        return new CueEstimate(
                Marginal.of(found, END_MASS).in(cue::endMassRatioOf),
                Marginal.of(found, ELEVATION).in(cue::elevationOf),
                faults.among(all, found));
    }

    private record Unknowns(double usualEndMassRatio) implements ReadingModels.CueUnknowns {
        @Override
        public double endMassRatio(double[] shared) {
            return endMassRatioOf(shared[END_MASS]);
        }

        @Override
        public double elevationDegrees(double[] shared) {
            return elevationOf(shared[ELEVATION]);
        }

        private double endMassRatioOf(double z) {
            return usualEndMassRatio * Math.exp(ClothScale.LOG_SPREAD * Math.max(-10, Math.min(10, z)));
        }

        private double elevationOf(double z) {
            double log = ELEVATION_LOG_SPREAD * Math.max(-10, Math.min(5, z));
            return Math.min(STEEPEST_DEGREES, USUAL_ELEVATION_DEGREES * Math.exp(log));
        }
    }
}
