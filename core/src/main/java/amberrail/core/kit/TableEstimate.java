package amberrail.core.kit;

import java.util.List;

/**
 * What a table check has found so far.
 *
 * @param suspicions readings that do not go with the others, worst first
 */
public record TableEstimate(TableFigures figures, List<Suspicion> suspicions, Posterior posterior) {
    public TableEstimate {
        suspicions = List.copyOf(suspicions);
    }

    /** Mode and precision in the scale of the preset: what a cue check and learning from play go on from. */
    public record Posterior(double[] mode, double[][] precision) {}
}
