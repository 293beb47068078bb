package amberrail.core.aiming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.PathSegment;
import amberrail.core.simulation.ShotRecord;
import amberrail.core.simulation.ShotSimulator;
import amberrail.core.simulation.ShotTable;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.BallSet;
import amberrail.core.table.BallSpec;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TablePresets;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Where the cue ball can go, by hand and against the engine. */
class CueBallLinesTest {
    private static final TablePlan TABLE = TablePlan.of(TablePresets.POOL_9FT);
    private static final Point SPOT = new Point(1700, 800);

    private static PotLine pot(Point cue, Point object, PocketName pocket) {
        return PotLine.of(TABLE, TABLE.spec().balls(), cue, object, TABLE.pocket(pocket));
    }

    @Test
    void theTangentIsSquareToTheLineOfCentresAndTheRollLiesInFrontOfIt() {
        PotLine pot = pot(new Point(1300, 300), SPOT, PocketName.NE);
        CueBallLines lines = CueBallLines.of(TABLE, Physics.POOL, pot);
        Direction tangent = lines.tangent().orElseThrow().way();
        Direction object = pot.objectDirection();
        assertThat(tangent.x() * object.x() + tangent.y() * object.y()).isCloseTo(0, within(1e-12));
        double toRoll = turn(pot.aim(), lines.naturalRoll().way());
        double toTangent = turn(pot.aim(), tangent);
        double toDraw = turn(pot.aim(), lines.fullDraw().way());
        double toFollow = turn(pot.aim(), lines.fullFollow().way());
        assertThat(Math.abs(toFollow)).isLessThan(Math.abs(toRoll));
        assertThat(Math.abs(toRoll)).isLessThan(Math.abs(toTangent));
        assertThat(Math.abs(toTangent)).isLessThan(Math.abs(toDraw));
        assertThat(Math.signum(toRoll)).isEqualTo(-Math.signum(pot.cutDegrees()));
    }

    @Test
    void aHeavierCueBallGoesOnInFrontOfTheSquareLine() {
        TablePlan pub = TablePlan.of(TablePresets.PUB_7FT);
        BallSet usual = pub.spec().balls();
        BallSet heavier = new BallSet(
                new BallSpec(
                        usual.cueBall().diameterMillimetres(),
                        1.2 * usual.objectBall().massKilograms()),
                usual.objectBall());
        TablePlan uneven = TablePlan.of(pub.spec().withBalls(heavier));
        Point cue = new Point(700, 300);
        Point object = new Point(1100, 500);
        PotLine pot = PotLine.of(uneven, heavier, cue, object, uneven.pocket(PocketName.NE));
        Direction tangent = CueBallLines.of(uneven, Physics.POOL, pot)
                .tangent()
                .orElseThrow()
                .way();
        // Elastic impact of masses 1.2 and 1: the line of centres takes 2/2.2 of the speed along it.
        double cut = Math.toRadians(Math.abs(pot.cutDegrees()));
        double square = Math.toDegrees(Math.atan2(Math.sin(cut), Math.cos(cut) * (1 - 2 / 2.2)));
        assertThat(square).isLessThan(89);
        assertThat(Math.abs(turn(pot.objectDirection(), tangent))).isCloseTo(square, within(1e-9));
    }

    @Test
    void aStraightPotHasNoTangent() {
        double degrees =
                pot(new Point(600, 500), SPOT, PocketName.NE).objectDirection().degrees();
        PotLine pot = pot(SPOT.moved(Direction.ofDegrees(degrees), -600), SPOT, PocketName.NE);
        assertThat(pot.cutDegrees()).isCloseTo(0, within(0.01));
        assertThat(CueBallLines.of(TABLE, Physics.POOL, pot).tangent()).isEmpty();
    }

    @Test
    void theEngineTakesTheCueBallWhereTheSpinSays() {
        // Balls without friction, so that nothing but the settled spin turns the way.
        Physics smooth = withoutBallFriction(Physics.POOL);
        PotLine pot = pot(new Point(1300, 450), SPOT, PocketName.NE);
        for (double height : new double[] {-0.4, -0.2, 0, 0.2}) {
            ShotRecord played = ShotSimulator.play(
                    ShotTable.of(TABLE),
                    smooth,
                    List.of(ball("cue", pot.ghostBall().moved(pot.aim(), -0.01)), ball("1", SPOT)),
                    "cue",
                    new CueStrike(1.2, pot.aim().degrees(), 0, height, 0, OptionalDouble.empty()));
            PathSegment rolling = played.tracks().get(0).segments().stream()
                    .filter(segment -> segment.phase() == PathSegment.Phase.ROLLING)
                    .findFirst()
                    .orElseThrow();
            double degrees = Math.toDegrees(
                    Math.atan2(rolling.start().vy(), rolling.start().vx()));
            Direction expected = NaturalRoll.settled(
                    pot.aim(),
                    pot.cutDegrees(),
                    2.5 * height,
                    smooth.ballRestitution(),
                    TABLE.spec().balls());
            assertThat(Math.abs(turn(expected, Direction.ofDegrees(degrees))))
                    .as("tip height %.1f of the radius", height)
                    .isLessThan(0.1);
        }
    }

    @Test
    void aCushionIsMetWhereAHandFindsIt() {
        CushionReach north = CushionReach.of(
                TABLE.spec(), TABLE.spec().balls().cueBall(), new Point(1270, 635), new Direction(0, 1));
        assertThat(north.cushion()).isEqualTo(Cushion.N);
        assertThat(north.sights()).isCloseTo(4, within(1e-12));
        assertThat(north.place().yMillimetres())
                .isCloseTo(
                        1270
                                - TABLE.spec()
                                        .noseDistanceMillimetres(
                                                TABLE.spec().balls().cueBall()),
                        within(1e-9));
        // 45 degrees from the middle: 635 - c across, as much along.
        CushionReach slanted = CushionReach.of(
                TABLE.spec(), TABLE.spec().balls().cueBall(), new Point(1270, 635), Direction.ofDegrees(-135));
        assertThat(slanted.cushion()).isEqualTo(Cushion.S);
        double reach =
                635 - TABLE.spec().noseDistanceMillimetres(TABLE.spec().balls().cueBall());
        assertThat(slanted.place().xMillimetres()).isCloseTo(1270 - reach, within(1e-9));
    }

    @Test
    void aRollTowardsACornerIsADanger() {
        // Pots from all around into a side pocket: a pocket is called a danger exactly where a rolling way leads
        // between its jaws.
        int dangers = 0;
        for (double x = 300; x <= 2200; x += 5) {
            PotLine pot = pot(new Point(x, 250), new Point(1270, 700), PocketName.N);
            CueBallLines lines = CueBallLines.of(TABLE, Physics.POOL, pot);
            for (PocketName name : PocketName.values()) {
                boolean leads = PocketWindow.of(
                                TABLE, TABLE.pocket(name), TABLE.spec().balls().cueBall(), pot.ghostBall())
                        .mouth()
                        .contains(lines.naturalRoll().way());
                boolean said = lines.dangers().contains(new CueBallLines.InOffDanger(name, CueBallLines.Leads.ROLL));
                assertThat(said).as("x %.0f, %s", x, name).isEqualTo(leads);
                dangers += said ? 1 : 0;
            }
        }
        assertThat(dangers).as("some place is dangerous").isPositive();
    }

    private static double turn(Direction from, Direction to) {
        return amberrail.core.geometry.Angles.normalDegrees(to.degrees() - from.degrees());
    }

    private static TableBall ball(String id, Point place) {
        var spec = TABLE.spec().balls().cueBall();
        return new TableBall(
                id,
                BallState.atRest(place.xMillimetres() / 1000, place.yMillimetres() / 1000),
                spec.radiusMillimetres() / 1000,
                spec.massKilograms());
    }

    private static Physics withoutBallFriction(Physics p) {
        return new Physics(
                p.gravity(),
                p.slidingFriction(),
                p.rollingFriction(),
                p.spinDeceleration(),
                0,
                0,
                p.ballRestitution(),
                new Physics.BallFriction(0, 0, 1),
                p.cushionRestitution(),
                p.cushionRestitutionSlope(),
                p.cushionRestitutionFloor(),
                p.cushionFriction(),
                p.miscueLimit());
    }
}
