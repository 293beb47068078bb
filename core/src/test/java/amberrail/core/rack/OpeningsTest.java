package amberrail.core.rack;

import static amberrail.core.rack.RackSetUps.POOL;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Segment;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePresets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What balls leave each other of the pockets, against paths that are followed millimetre by millimetre. */
class OpeningsTest {
    private static final int BEARINGS = 400;

    /** Whether a ball that goes this way meets no other before it drops: by distances alone, without any of the angles that are tested. */
    private static boolean isFree(RackPosition position, int ball, double bearing, double pathMillimetres) {
        Point from = position.place(ball);
        Point to = from.moved(Direction.ofDegrees(Math.toDegrees(bearing)), pathMillimetres);
        Segment path = new Segment(from, to);
        for (int other : position.onTable()) {
            if (other != ball && path.distanceMillimetres(position.place(other)) < position.table().touchingObjects) {
                return false;
            }
        }
        return true;
    }

    /** Share of the window in the longest run of free bearings. */
    private static double longestFree(RackPosition position, int ball, BallWindows.Window window) {
        int longest = 0;
        int run = 0;
        for (int i = 0; i < BEARINGS; i++) {
            double bearing = window.lower() + window.width() * (i + 0.5) / BEARINGS;
            run = isFree(position, ball, bearing, window.pathMillimetres()) ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return (double) longest / BEARINGS;
    }

    @Test
    void whatIsLeftIsTheWidestRunOfFreePaths() {
        List<String> odd = new ArrayList<>();
        int looked = 0;
        for (int seed = 0; seed < 60; seed++) {
            RackPosition position = MadeUpLayouts.scattered(RackGames.byKey("anyOrder-15"), POOL, 360_000 + seed)
                    .on(POOL);
            for (int ball : position.onTable()) {
                for (int pocket = 0; pocket < PocketName.values().length; pocket++) {
                    BallWindows.Window window = position.windowsOf(ball).of(pocket);
                    if (!window.isOpen()) {
                        continue;
                    }
                    looked++;
                    double share = Openings.shareWithout(position, ball, pocket, -1);
                    double followed = longestFree(position, ball, window);
                    if (Math.abs(share - followed) > 0.03) {
                        odd.add("%d, ball %d, pocket %d: %.3f against %.3f"
                                .formatted(seed, ball, pocket, share, followed));
                    }
                }
            }
        }
        assertThat(looked).isGreaterThan(3_000);
        // A ball that lies across the very mouth stops one path just before it drops and another just not.
        assertThat(odd).hasSizeLessThan(looked / 50);
    }

    @Test
    void anOpeningIsNeverWiderThanWithNothingInTheWayAndTakingABallAwayNeverCloses() {
        for (int seed = 0; seed < 40; seed++) {
            RackPosition position = MadeUpLayouts.scattered(RackGames.byKey("numberOrder-10"), POOL, 361_000 + seed)
                    .on(POOL);
            for (Opening opening : position.openings()) {
                assertThat(opening.share()).isBetween(0.0, 1 + 1e-9);
                assertThat(opening.half()).isPositive();
            }
            for (int gone : position.onTable()) {
                RackPosition without = position.without(gone);
                for (int ball : without.onTable()) {
                    for (int pocket = 0; pocket < PocketName.values().length; pocket++) {
                        assertThat(Openings.shareWithout(without, ball, pocket, -1))
                                .isCloseTo(Openings.shareWithout(position, ball, pocket, gone), within(1e-12))
                                .isGreaterThanOrEqualTo(Openings.shareWithout(position, ball, pocket, -1) - 1e-12);
                    }
                }
            }
        }
    }

    @Test
    void seenInAMirrorTheSamePocketsAreOpen() {
        double width = TablePresets.POOL_9FT.widthMillimetres();
        for (int seed = 0; seed < 30; seed++) {
            RackLayout layout = MadeUpLayouts.scattered(RackGames.byKey("anyOrder-8"), POOL, 362_000 + seed);
            List<RackLayout.Laid> image = layout.balls().stream()
                    .map(ball -> new RackLayout.Laid(
                            ball.id(),
                            new Point(
                                    ball.place().xMillimetres(),
                                    width - ball.place().yMillimetres())))
                    .toList();
            RackPosition seen = layout.on(POOL);
            RackPosition mirrored = new RackLayout(layout.game(), image, layout.cue()).on(POOL);
            assertThat(seen.openings()).hasSameSizeAs(mirrored.openings());
            for (Opening opening : seen.openings()) {
                Opening other = mirrored.openings().stream()
                        .filter(one -> one.ball() == opening.ball()
                                && one.pocket().name()
                                        == opening.pocket().name().mirrored())
                        .findFirst()
                        .orElseThrow();
                assertThat(other.half()).isCloseTo(opening.half(), within(1e-9));
                assertThat(Geometry.turn(other.bearing() + opening.bearing())).isCloseTo(0, within(1e-9));
            }
        }
    }

    @Test
    void byACushionOnlyBearingsAreLeftForWhichTheCueBallHasRoom() {
        RackPosition frozen = RackSetUps.inHand("anyOrder-3", "1 600 27.6");
        assertThat(frozen.openings().stream().map(opening -> opening.pocket().name()))
                .contains(PocketName.SW, PocketName.SE);
        for (Opening opening : frozen.openings()) {
            boolean along =
                    opening.pocket().name() == PocketName.SW || opening.pocket().name() == PocketName.SE;
            double ghostY = 27.6 - POOL.touching * Math.sin(opening.bearing());
            assertThat(ghostY >= 27).isEqualTo(along);
        }
    }
}
