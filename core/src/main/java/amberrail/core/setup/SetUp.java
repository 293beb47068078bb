package amberrail.core.setup;

import amberrail.core.drill.Drill;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ShotLayout;
import amberrail.core.drill.Skill;
import amberrail.core.geometry.Point;
import amberrail.core.grading.ShotTasks;
import amberrail.core.motion.Bridge;
import amberrail.core.motion.Physics;
import amberrail.core.recipe.ShotTask;
import amberrail.core.table.SightPosition;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import amberrail.core.table.TableSpec;
import java.util.Objects;

/**
 * One shot of a drill on one side of one table: all that decides how it lies, what it asks and how it is played. Two that are equal are the same
 * set-up, whatever drill or version they come from.
 *
 * @param zoneScale   by how much the drill's zones are stretched on this table
 * @param sideAllowed whether strokes with side may be proposed
 * @param skill       what the drill is there to teach
 */
public record SetUp(Shot shot, boolean mirrored, TableSpec table, double zoneScale, boolean sideAllowed, Skill skill) {
    public SetUp {
        Objects.requireNonNull(shot);
        Objects.requireNonNull(table);
        Objects.requireNonNull(skill);
    }

    /** As the drill plans it; station and shot from 0. */
    public static SetUp of(Drill drill, int station, int shot, boolean mirrored, TableSpec table) {
        return new SetUp(
                drill.station(station).shots().get(shot),
                mirrored,
                table,
                zoneScale(drill, table),
                drill.sideAllowed(),
                drill.primarySkill());
    }

    /** By how much a drill's zones are stretched on this table. */
    public static double zoneScale(Drill drill, TableSpec table) {
        return drill.zoneScale(
                table.lengthMillimetres(),
                TablePresets.byId(drill.tables().get(0)).lengthMillimetres());
    }

    /** How this shot is played on the numbers of its table. */
    public Physics physics() {
        return table.physics();
    }

    /**
     * The side on which ways to play are worked out; the mirror's are its mirror images. On a table that slopes across, the mirror image of a shot is
     * played on the mirror image of the table.
     */
    public SetUp original() {
        return mirrored ? new SetUp(shot, false, table.mirrored(), zoneScale, sideAllowed, skill) : this;
    }

    /** The same shot on the same table with the numbers that go with its kind. */
    public SetUp onPreset() {
        return new SetUp(shot, mirrored, table.withPreset(), zoneScale, sideAllowed, skill);
    }

    /** The same shot on one side of the same table. */
    public SetUp onSide(boolean otherSide) {
        return new SetUp(shot, otherSide, table, zoneScale, sideAllowed, skill);
    }

    /** The same shot played from where the cue ball really lay (mm, on this side): how a pattern goes on. */
    public SetUp playedFrom(Point cueAt) {
        SightPosition at = SightPosition.of(onThisSide(cueAt), table);
        Position there = new Position.AtSights(at.along(), at.across());
        return new SetUp(shot.withCueBallAt(there), mirrored, table, zoneScale, sideAllowed, skill);
    }

    /** The same with the cue guided otherwise than the drill plans. */
    public SetUp playedWith(Bridge bridge) {
        return new SetUp(shot.with(bridge), mirrored, table, zoneScale, sideAllowed, skill);
    }

    /** A place of the original side on this one, or of this side on the original (mm). */
    public Point onThisSide(Point place) {
        return mirrored ? new Point(place.xMillimetres(), table.widthMillimetres() - place.yMillimetres()) : place;
    }

    /**
     * Where everything lies (mm), the line of arrival still that of the plain natural roll; throws as {@link ShotLayout#of} where it cannot be laid out
     * on this table.
     */
    public ShotLayout drawn() {
        return ShotLayout.of(shot, TablePlan.of(table), table.balls(), mirrored, zoneScale);
    }

    /** For the engine, as the shot lies on this side. */
    public ShotTask task() {
        ShotLayout layout = drawn();
        return ShotTasks.of(layout, table, sideAllowed, ShotTasks.teaching(skill, layout))
                .with(shot.bridge());
    }

    /** Everything that it is made of as one text, the same for equal set-ups and for no others. */
    public String content() {
        return toString();
    }
}
