package amberrail.core.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.drill.ArrivalLine;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.Skill;
import amberrail.core.geometry.Point;
import amberrail.core.motion.Physics;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.ShotTask;
import amberrail.core.simulation.ShotRunner;
import amberrail.core.table.PocketName;
import amberrail.core.table.TableLevel;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A table that was measured is what its shots are worked out on, on both sides. */
class MeasuredTableTest {
    private static final double SLOPE = 0.012;
    private static final TableSpec LEVEL = TablePresets.POOL_9FT;
    private static final TableSpec SLOPING = LEVEL.with(Physics.POOL.withDrift(0.002, SLOPE), new TableLevel(0.0005));

    private static SetUp onSide(boolean mirrored, TableSpec table) {
        Shot shot = new Shot(
                List.of(
                        new BallPlacement("1", BallPlacement.Role.OBJECT, new Position.AtSights(6.2, 2.6)),
                        new BallPlacement(
                                "cue", BallPlacement.Role.CUE, new Position.ForPot("1", PocketName.NE, 25, 700))),
                List.of(Demand.PotBall.of("1", PocketName.NE)),
                ArrivalLine.AIM);
        return new SetUp(shot, mirrored, table, 1, false, Skill.POTTING);
    }

    private static Point rest(SetUp setUp, PlannedStroke stroke) {
        ShotTask task = setUp.task();
        ShotRunner runner = new ShotRunner(task.table(), task.physics(), task.balls(), task.cueBall());
        runner.play(stroke.onBall(task.balls().get(task.cueBall()).radiusMillimetres()), stroke.launchDegrees());
        return runner.result().place(task.cueBall());
    }

    /** The mirror's usual stroke, worked out on the mirrored table and turned back, does the same as if played there. */
    @Test
    void aMirroredShotOnASlopingTableIsPlayedAgainstThatSlope() {
        SetUp there = onSide(true, SLOPING);
        SetUp seenInTheMirror = there.original();
        assertThat(seenInTheMirror.mirrored()).isFalse();
        assertThat(seenInTheMirror.physics().driftY()).isEqualTo(-SLOPE);
        assertThat(seenInTheMirror.physics().driftX()).isEqualTo(0.002);
        assertThat(seenInTheMirror).isNotEqualTo(onSide(false, SLOPING));
        PlannedStroke stroke =
                WorkedSetUp.waysOnly(seenInTheMirror).usualWay().orElseThrow().stroke();
        Point seen = rest(seenInTheMirror, stroke);
        Point real = rest(there, stroke.mirrored());
        assertThat(real.xMillimetres()).isCloseTo(seen.xMillimetres(), within(0.01));
        assertThat(real.yMillimetres()).isCloseTo(LEVEL.widthMillimetres() - seen.yMillimetres(), within(0.01));
    }

    @Test
    void onALevelTableBothSidesAreOneSetUp() {
        assertThat(onSide(true, LEVEL).original()).isEqualTo(onSide(false, LEVEL));
    }

    @Test
    void whatIsNotKnownOfItsSlopeIsTheTablesOwn() {
        assertThat(onSide(false, LEVEL).task().level()).isEqualTo(TableLevel.NEVER_CHECKED);
        assertThat(onSide(false, SLOPING).task().level()).isEqualTo(new TableLevel(0.0005));
        assertThat(SLOPING.withPreset()).isEqualTo(LEVEL);
    }
}
