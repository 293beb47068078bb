package amberrail.app.recipes;

import amberrail.app.setups.SetUps;
import amberrail.app.web.MayBeMissing;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.recipe.Recipe;
import amberrail.core.setup.CleanLandings;
import amberrail.core.setup.SetUp;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.simulation.StrokeNoise;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** How large a round target must be for a student to succeed a wanted share of the time. */
@Service
class TargetSize {
    private static final int STROKES = 4_000;
    private static final long SEED = 20_244;

    private final SetUps setUps;

    TargetSize(SetUps setUps) {
        this.setUps = setUps;
    }

    /**
     * @param radiusMillimetres missing where even an unlimited target would not be enough
     * @param potShare          share of strokes that pot and stay up, which no target can better
     */
    record TargetView(@MayBeMissing Double radiusMillimetres, double potShare) {}

    /** With the usual stroke of the shot as it is; {@code share} is of all strokes, missed pots included. */
    TargetView forShare(SetUp setUp, ExecutionErrors errors, double share) {
        Optional<Recipe> usual = setUps.whileDesigning(setUp).usualWay();
        ShotLayout layout = setUps.drawn(setUp);
        if (usual.isEmpty()) {
            return new TargetView(null, 0);
        }
        List<Point> landings =
                CleanLandings.of(layout, setUp.task(), usual.get().stroke(), errors, StrokeNoise.of(STROKES, SEED));
        double[] distances = landings.stream()
                .mapToDouble(landing -> landing.distanceMillimetres(layout.target()))
                .sorted()
                .toArray();
        int needed = (int) Math.ceil(share * STROKES);
        Double radius = needed <= distances.length ? distances[needed - 1] : null;
        return new TargetView(radius, (double) distances.length / STROKES);
    }
}
