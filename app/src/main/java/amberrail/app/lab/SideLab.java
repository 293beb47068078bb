package amberrail.app.lab;

import amberrail.app.lab.LabViews.SideAnswer;
import amberrail.app.lab.LabViews.SidePart;
import amberrail.app.lab.LabViews.SideRow;
import amberrail.app.lab.LabViews.SideTable;
import amberrail.app.lab.LabViews.SqueezeRow;
import amberrail.app.lab.LabViews.SqueezeTable;
import amberrail.core.aiming.PotLine;
import amberrail.core.aiming.SideAim;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Units;
import amberrail.core.motion.CueStrike;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Struck with side: where to aim, and how far it turns the object ball's line. */
@Service
class SideLab {
    private static final double[] PACES_METRES_PER_SECOND = {0.6, 1.0, 1.5, 2.0, 2.7, 3.4, 4.2, 5.0};

    SideTable side(LabKit kit, double distanceMillimetres, double cutDegrees, double sideMillimetres) {
        PotLine pot = pot(kit, distanceMillimetres, cutDegrees);
        List<SideRow> rows = DoubleStream.of(PACES_METRES_PER_SECOND)
                .mapToObj(pace -> sideRow(kit, pot, pace, sideMillimetres))
                .toList();
        List<SideRow> getThere =
                rows.stream().filter(row -> row.aimMillimetresAtGhost() != null).toList();
        return getThere.isEmpty()
                ? new SideTable(rows, null, null)
                : new SideTable(rows, answer(getThere.get(0)), answer(getThere.get(getThere.size() - 1)));
    }

    private static SideAnswer answer(SideRow row) {
        double squirt = Math.abs(row.forSquirtMillimetres());
        double swerve = Math.abs(row.forSwerveMillimetres());
        double thrown = Math.abs(row.forThrowMillimetres());
        SidePart largest = thrown > Math.max(squirt, swerve)
                ? SidePart.THROW
                : squirt >= swerve ? SidePart.SQUIRT : SidePart.SWERVE;
        return new SideAnswer(row.paceMetresPerSecond(), row.aimMillimetresAtGhost(), largest);
    }

    private static SideRow sideRow(LabKit kit, PotLine pot, double pace, double sideMillimetres) {
        CueStrike strike = withSide(kit, pace, sideMillimetres);
        try {
            SideAim aim = SideAim.of(strike, pot, Units.metres(kit.radiusMillimetres()), kit.physics());
            return new SideRow(
                    pace,
                    beside(aim.aimForSquirtDegrees(), pot),
                    beside(aim.aimForSwerveDegrees(), pot),
                    beside(aim.aimForThrowDegrees(), pot),
                    beside(aim.totalAimDegrees(), pot),
                    aim.squirtDegrees(),
                    aim.swerveDegrees(),
                    aim.throwDegrees());
        } catch (InvalidInputException tooSoftToGetThere) {
            return new SideRow(pace, null, null, null, null, null, null, null);
        }
    }

    /** A change of the cue's direction as mm at the place of contact. */
    private static double beside(double degrees, PotLine pot) {
        return Math.tan(Math.toRadians(degrees)) * pot.cueDistanceMillimetres();
    }

    private static CueStrike withSide(LabKit kit, double pace, double sideMillimetres) {
        return new CueStrike(
                pace,
                0,
                sideMillimetres / kit.radiusMillimetres(),
                0,
                kit.elevationDegrees(),
                OptionalDouble.of(kit.endMassRatio()));
    }

    SqueezeTable squeeze(
            LabKit kit, double distanceMillimetres, double cutDegrees, double pace, double toPocketMillimetres) {
        PotLine pot = pot(kit, distanceMillimetres, cutDegrees);
        OptionalDouble plain = thrown(kit, pot, pace, 0);
        double step = kit.tipDiameterMillimetres() / 2;
        int most = kit.steps(step);
        return new SqueezeTable(IntStream.rangeClosed(-most, most)
                .mapToObj(halfTips -> {
                    double side = halfTips * step;
                    OptionalDouble thrown = thrown(kit, pot, pace, side);
                    if (thrown.isEmpty() || plain.isEmpty()) {
                        return new SqueezeRow(side, null, null, null);
                    }
                    double turned = thrown.getAsDouble() - plain.getAsDouble();
                    return new SqueezeRow(
                            side, thrown.getAsDouble(), turned, Math.tan(Math.toRadians(turned)) * toPocketMillimetres);
                })
                .toList());
    }

    /** Empty where the stroke is too soft to get there. */
    private static OptionalDouble thrown(LabKit kit, PotLine pot, double pace, double sideMillimetres) {
        try {
            return OptionalDouble.of(SideAim.of(
                            withSide(kit, pace, sideMillimetres),
                            pot,
                            Units.metres(kit.radiusMillimetres()),
                            kit.physics())
                    .throwDegrees());
        } catch (InvalidInputException tooSoftToGetThere) {
            return OptionalDouble.empty();
        }
    }

    /** A pot of that cut and distance, laid out before the far left pocket. */
    private static PotLine pot(LabKit kit, double distanceMillimetres, double cutDegrees) {
        TablePlan plan = TablePlan.of(kit.table());
        Point object = new Point(
                0.75 * plan.spec().lengthMillimetres(), 0.7 * plan.spec().widthMillimetres());
        PotLine straight = PotLine.of(
                plan,
                plan.spec().balls(),
                object.moved(Direction.ofDegrees(200), 500),
                object,
                plan.pocket(PocketName.NE));
        Direction aim = straight.objectDirection().turnedDegrees(-cutDegrees);
        Point cue = straight.ghostBall().moved(aim, -distanceMillimetres);
        return PotLine.of(plan, plan.spec().balls(), cue, object, plan.pocket(PocketName.NE));
    }
}
