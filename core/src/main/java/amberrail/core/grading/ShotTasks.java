package amberrail.core.grading;

import amberrail.core.attempt.Judge;
import amberrail.core.drill.Condition;
import amberrail.core.drill.PlacedBall;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.Skill;
import amberrail.core.motion.Bridge;
import amberrail.core.recipe.AimSearch;
import amberrail.core.recipe.ShotTask;
import amberrail.core.recipe.Teaching;
import amberrail.core.recipe.Way;
import amberrail.core.simulation.PlayedShot;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** A shot of a drill as a task for the recipe solver; the judge of recorded attempts decides here too. */
public final class ShotTasks {
    private ShotTasks() {}

    /** A shot that belongs to no drill. */
    public static ShotTask of(ShotLayout layout, TableSpec table, boolean sideAllowed) {
        return of(layout, table, sideAllowed, Teaching.NOTHING);
    }

    /** Which ways to play are a skill; the others of potting, position and safety are as good as each other. */
    public static Teaching teaching(Skill skill, ShotLayout layout) {
        List<Condition> asked = layout.conditions();
        boolean potAlone = asked.size() == 1
                && asked.get(0) instanceof Condition.Pot pot
                && pot.via().isEmpty();
        return switch (skill) {
            case STUN -> new Teaching(Set.of(Way.STUN, Way.RUN_THROUGH), false, potAlone);
            case DRAW -> new Teaching(Set.of(Way.DRAW), false, potAlone);
            case FOLLOW -> new Teaching(Set.of(Way.FOLLOW, Way.ROLL), false, potAlone);
            case SIDE -> new Teaching(Set.of(), true, potAlone);
            case POTTING, POSITION, SAFETY -> new Teaching(Set.of(), false, potAlone);
        };
    }

    /** A shot with what it is there to teach; balls keep the layout's order, and the cue ball's index is the layout's. */
    public static ShotTask of(ShotLayout layout, TableSpec table, boolean sideAllowed, Teaching teaching) {
        Predicate<PlayedShot> success = Judge.successes(layout);
        return new ShotTask(
                ShotTable.of(TablePlan.of(table)),
                table.physics(),
                table.level(),
                balls(layout),
                layout.cueIndex(),
                layout.potLine()
                        .map(pot -> AimSearch.about(
                                pot.aim().degrees(), pot.aimWindow().widthDegrees())),
                layout.pocket().isPresent() ? Judge.pots(layout) : success,
                success,
                layout.zone().map(zone -> zone.targetPoint()),
                sideAllowed,
                teaching,
                Bridge.HAND);
    }

    /** Each ball at rest where the layout has it (m, kg). */
    public static List<TableBall> balls(ShotLayout layout) {
        return layout.balls().stream().map(ShotTasks::ball).toList();
    }

    private static TableBall ball(PlacedBall ball) {
        return TableBall.atRest(ball.label(), ball.place(), ball.spec());
    }
}
