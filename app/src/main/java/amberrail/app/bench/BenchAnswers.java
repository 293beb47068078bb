package amberrail.app.bench;

import amberrail.app.drills.ShotView;
import amberrail.app.kit.PointView;
import amberrail.app.shots.RecipeAnswers;
import amberrail.app.shots.ShotAnswers;
import amberrail.app.web.FieldWords;
import amberrail.app.web.MayBeMissing;
import amberrail.core.aiming.CueBallLines;
import amberrail.core.aiming.PotLine;
import amberrail.core.drill.DrillProblem;
import amberrail.core.geometry.Units;
import amberrail.core.recipe.Way;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import java.util.List;

/** What the bench is told (mm, degrees from +x, mrad). */
final class BenchAnswers {
    private BenchAnswers() {}

    /** A drill on a table. */
    record CheckView(List<List<BenchShot>> stations, List<ProblemView> problems) {}

    /**
     * One shot.
     *
     * @param shot  missing while it cannot be set up
     * @param lines missing where no straight pot is asked
     */
    record BenchShot(
            @MayBeMissing ShotView shot, @MayBeMissing LinesView lines) {}

    /** Something to mend, or to know. {@code sentence} is there where the kind alone does not say it. */
    record ProblemView(
            DrillProblem.Kind kind,
            boolean stops,
            int station,
            int shot,
            List<String> balls,
            @MayBeMissing String sentence) {
        static ProblemView of(DrillProblem problem) {
            return new ProblemView(
                    problem.kind(),
                    problem.kind().stops(),
                    problem.station(),
                    problem.shot(),
                    problem.balls(),
                    problem.cause().map(FieldWords::sentence).orElse(null));
        }
    }

    /** A way the cue ball may go, and where it first meets a cushion. */
    record LineView(double degrees, Cushion cushion, PointView place, double sights) {
        static LineView of(CueBallLines.Line line) {
            return new LineView(
                    line.way().degrees(),
                    line.reach().cushion(),
                    PointView.of(line.reach().place()),
                    line.reach().sights());
        }
    }

    /** A pocket the cue ball may drop in. */
    record DangerView(PocketName pocket, CueBallLines.Leads leads) {}

    /**
     * Aiming, and where the cue ball can go.
     *
     * @param windowIsClean  false: the pocket shows only its mouth, a jaw is touched on the way
     * @param openingMillimetres how wide the pocket looks from there
     * @param allowedAimMillimetres at the ghost ball, from one edge to the other
     */
    record LinesView(
            PointView ghostBall,
            PointView contactPoint,
            double aimDegrees,
            double cutDegrees,
            double coveredFraction,
            double objectDegrees,
            double windowLowerDegrees,
            double windowUpperDegrees,
            boolean windowIsClean,
            double openingMillimetres,
            double aimLowerDegrees,
            double aimUpperDegrees,
            double allowedAimMilliradians,
            double allowedAimMillimetres,
            @MayBeMissing LineView tangent,
            LineView naturalRoll,
            LineView fullDraw,
            LineView fullFollow,
            List<DangerView> dangers) {
        static LinesView of(PotLine pot, CueBallLines lines) {
            double allowed = Units.milliradians(pot.aimWindow().widthDegrees());
            boolean clean = pot.window().isClean();
            return new LinesView(
                    PointView.of(pot.ghostBall()),
                    PointView.of(pot.contactPoint()),
                    pot.aim().degrees(),
                    pot.cutDegrees(),
                    pot.fraction(),
                    pot.objectDirection().degrees(),
                    pot.window().used().lowerDegrees(),
                    pot.window().used().upperDegrees(),
                    clean,
                    clean
                            ? pot.window().cleanOpeningMillimetres()
                            : pot.window().mouthOpeningMillimetres(),
                    pot.aimWindow().lowerDegrees(),
                    pot.aimWindow().upperDegrees(),
                    allowed,
                    allowed * Units.metres(pot.cueDistanceMillimetres()),
                    lines.tangent().map(LineView::of).orElse(null),
                    LineView.of(lines.naturalRoll()),
                    LineView.of(lines.fullDraw()),
                    LineView.of(lines.fullFollow()),
                    lines.dangers().stream()
                            .map(danger -> new DangerView(danger.pocket(), danger.leads()))
                            .toList());
        }
    }

    /** The stroke itself, its way and its path. */
    record UsualStroke(
            Way way,
            List<Cushion> cushions,
            RecipeAnswers.StrokeView stroke,
            double successProbability,
            ShotAnswers.ShotPathView path) {}

    /** The usual way to play a shot; without a stroke, nobody can do it from here. */
    record UsualView(@MayBeMissing UsualStroke usual) {}

    /**
     * How hard a station is before anybody tried it.
     *
     * @param grade    0 to 1000 and beyond; missing where a shot of it has no stroke that does it
     * @param decided  false: over 1000, or under 0
     * @param harder   whether it is harder than the one before; missing where one of the two has no grade
     */
    record RoughGrade(
            @MayBeMissing Double grade,
            double standardError,
            boolean decided,
            @MayBeMissing Boolean harder) {}

    /** All stations of a drill. */
    record RoughGradesView(List<RoughGrade> stations) {}
}
