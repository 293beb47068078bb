package amberrail.core.drill;

import amberrail.core.problem.Require;
import java.util.Objects;

/**
 * How one try ended.
 *
 * @param points from scoring rings; 1 for a success without rings, 0 for anything else
 */
public record TryScore(TryResult result, int points) {
    public static final TryScore SUCCESS = new TryScore(TryResult.SUCCESS, 1);
    public static final TryScore FAILURE = new TryScore(TryResult.FAILURE, 0);
    public static final TryScore NOT_JUDGED = new TryScore(TryResult.NOT_JUDGED, 0);

    public TryScore {
        Objects.requireNonNull(result);
        Require.between("points", points, 0, 10_000);
    }
}
