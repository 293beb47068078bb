package amberrail.core.simulation;

import amberrail.core.geometry.Point;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.problem.Require;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.OptionalDouble;

/** Pace as players say it: how many lengths of the table a ball travels in all (answers.md, "Strike and pace"). */
public final class TableLengths {
    private TableLengths() {}

    /**
     * Total travel of a centre-ball shot along the middle of the table, cushions included, over the table's length. Begun a quarter of the
     * length from the W cushion, towards E. Example: about 2 lengths are a ball that goes down the table and back.
     *
     * @param paceMetresPerSecond launch speed, above 0 to 15
     */
    public static double of(double paceMetresPerSecond, TablePlan plan, Physics physics) {
        Require.between("paceMetresPerSecond", paceMetresPerSecond, 1e-3, 15);
        TableSpec spec = plan.spec();
        Point start = new Point(spec.lengthMillimetres() / 4, spec.widthMillimetres() / 2);
        TableBall alone = TableBall.atRest("cue", start, spec.balls().cueBall());
        ShotRecord played = ShotSimulator.play(
                ShotTable.of(plan),
                physics,
                List.of(alone),
                "cue",
                new CueStrike(paceMetresPerSecond, 0, 0, 0, 0, OptionalDouble.empty()));
        double travelled = 0;
        for (PathSegment segment : played.tracks().get(0).segments()) {
            List<Point> points = PathSampler.points(segment);
            for (int i = 1; i < points.size(); i++) {
                travelled += points.get(i - 1).distanceMillimetres(points.get(i));
            }
        }
        return travelled / spec.lengthMillimetres();
    }
}
