package amberrail.core.rack;

import amberrail.core.geometry.Point;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Proportion;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What racks of one student come to together.
 *
 * @param racks    how many ended
 * @param won      of them
 * @param share    won of racks, with its interval (90 %, {@link Proportion})
 * @param worth    racks whose chance is known: what they were worth together, and what was won of those
 * @param ballsARack potted in a rack, on average
 * @param mostPoints the highest score of one rack; 0 where the game counts none
 * @param ends     how racks ended, by cause
 * @param ballsLeft how many balls that had to go were left, of racks that were not won
 * @param before   racks that were not won, by where the cue ball had stopped before the last shot
 * @param pots     shots at a ball: tried, made, and how many the student's errors would have made
 * @param againstDrills the same against what the student makes of such pots in drills
 * @param landings against the plan, of pots that had one
 * @param clusters racks that began with balls tied together
 * @param breakOuts shots that were to drive balls free, where somebody said how it went
 * @param breaks   of racks that began with a break that was played
 */
public record RackReview(
        int racks,
        int won,
        Optional<Interval> share,
        Optional<Worth> worth,
        double ballsARack,
        int mostPoints,
        Map<RackEnd, Integer> ends,
        Map<Integer, Integer> ballsLeft,
        Before before,
        Pots pots,
        Optional<PotsAgainstDrills> againstDrills,
        Optional<Landings> landings,
        ClusterStory clusters,
        BreakOuts breakOuts,
        Optional<Breaks> breaks) {
    private static final double LEVEL = 0.9;
    private static final double HALF_WIDTH = 1.645;

    /** A rack with what is known of it beside its shots. */
    public record Rack(
            RecordedRack played, List<RecordedShot> shots, Optional<Chance> chance, Optional<PlayedBreak> opened) {}

    /** Of a layout. */
    public record Chance(double chance, double standardError) {}

    /** A break that a person played: how many balls dropped and whether the cue ball did. */
    public record PlayedBreak(int down, boolean inOff) {}

    /**
     * @param racks    with a known chance
     * @param expected the sum of their chances
     * @param won      of them
     * @param more     won less expected, with its 90 % interval: what chance alone does to a sum of such racks
     */
    public record Worth(int racks, double expected, int won, Interval more) {}

    /** Within the planned zone, or outside it; only where both are known. */
    public record Before(int inZone, int outside) {}

    /** @param expected from the student's own error sizes, or the band's */
    public record Pots(int tried, int made, double expected) {}

    /**
     * Along and across the way from the last contact to where the cue ball was meant to stop (mm): long and left positive.
     *
     * @param count   of pots with a plan and a landing
     * @param inZone  of them within the planned zone
     * @param nextOn  after how many the ball that was planned next could be potted
     * @param nextAsked how many had a ball planned next
     */
    public record Landings(
            int count, double longMillimetres, double leftMillimetres, int inZone, int nextOn, int nextAsked) {}

    /**
     * @param racks   that began with balls tied together
     * @param early   opened while more than half of the balls lay, and how many of these were won
     * @param late    opened later
     * @param never   still tied when the rack ended
     */
    public record ClusterStory(int racks, int early, int earlyWon, int late, int lateWon, int never) {}

    /**
     * @param tried shots that were to drive balls free
     * @param hit   of them that met these balls
     * @param racks with at least one of those
     * @param won   of these racks
     */
    public record BreakOuts(int tried, int hit, int racks, int won) {}

    /** @param spreadMillimetres how far balls lay from the middle of all, on average */
    public record Breaks(int count, int dry, int inOff, double ballsDown, double spreadMillimetres) {}

    /**
     * Only racks that ended count.
     *
     * @param errors the student's
     * @param drills what the student made of pots in drills, by their kind
     */
    public static RackReview of(List<Rack> all, ExecutionErrors errors, Map<PotKind, Proportion> drills) {
        List<Rack> ended =
                all.stream().filter(rack -> rack.played().end().isPresent()).toList();
        int won = (int) ended.stream().filter(RackReview::isWon).count();
        Map<RackEnd, Integer> ends = new EnumMap<>(RackEnd.class);
        Map<Integer, Integer> left = new TreeMap<>();
        for (Rack rack : ended) {
            ends.merge(rack.played().end().orElseThrow(), 1, Integer::sum);
            if (!isWon(rack)) {
                left.merge(asked(rack.played().now()), 1, Integer::sum);
            }
        }
        return new RackReview(
                ended.size(),
                won,
                ended.isEmpty() ? Optional.empty() : Optional.of(new Proportion(won, ended.size(), LEVEL).interval()),
                worth(ended),
                ended.stream()
                        .mapToInt(rack -> rack.played().potted())
                        .average()
                        .orElse(0),
                ended.stream().mapToInt(rack -> rack.played().points()).max().orElse(0),
                ends,
                left,
                before(ended),
                pots(ended, errors),
                PotsAgainstDrills.of(ended, drills),
                RackLandings.of(ended, errors),
                clusters(ended),
                breakOuts(ended),
                breaks(all));
    }

    private static boolean isWon(Rack rack) {
        return rack.played().end().equals(Optional.of(RackEnd.CLEARED));
    }

    private static int asked(RackPosition position) {
        int asked = 0;
        for (int ball : position.onTable()) {
            asked += position.game().isAsked(ball) ? 1 : 0;
        }
        return asked;
    }

    private static Optional<Worth> worth(List<Rack> ended) {
        double expected = 0;
        double variance = 0;
        int racks = 0;
        int won = 0;
        for (Rack rack : ended) {
            if (rack.chance().isPresent()) {
                Chance chance = rack.chance().get();
                racks++;
                won += isWon(rack) ? 1 : 0;
                expected += chance.chance();
                variance += chance.chance() * (1 - chance.chance()) + Math.pow(chance.standardError(), 2);
            }
        }
        if (racks == 0) {
            return Optional.empty();
        }
        double half = HALF_WIDTH * Math.sqrt(variance);
        return Optional.of(new Worth(racks, expected, won, new Interval(won - expected - half, won - expected + half)));
    }

    /** What the last shot of a rack that was not won had to be played from. */
    private static Before before(List<Rack> ended) {
        int inZone = 0;
        int outside = 0;
        for (Rack rack : ended) {
            if (isWon(rack) || rack.shots().size() < 2) {
                continue;
            }
            RecordedShot last = rack.shots().get(rack.shots().size() - 2);
            if (last.planned().isPresent() && last.landing().isPresent()) {
                RackPlan.Zone zone = last.planned().get();
                boolean in = zone.centre().distanceMillimetres(last.landing().get()) <= zone.radiusMillimetres();
                inZone += in ? 1 : 0;
                outside += in ? 0 : 1;
            }
        }
        return new Before(inZone, outside);
    }

    private static Pots pots(List<Rack> ended, ExecutionErrors errors) {
        int tried = 0;
        int made = 0;
        double expected = 0;
        for (Rack rack : ended) {
            for (int i = 0; i < rack.shots().size(); i++) {
                RecordedShot shot = rack.shots().get(i);
                Optional<PotLook> look = look(rack.played().before().get(i), shot, errors);
                if (look.isPresent()) {
                    tried++;
                    made += shot.outcome() == RecordedShot.Outcome.POTTED ? 1 : 0;
                    expected += look.get().chance();
                }
            }
        }
        return new Pots(tried, made, expected);
    }

    /** Of a shot that was played at a ball which could be seen; else empty. */
    static Optional<PotLook> look(RackPosition before, RecordedShot shot, ExecutionErrors errors) {
        if (!shot.outcome().isPlayed()
                || shot.ball().isEmpty()
                || shot.pocket().isEmpty()
                || before.cue().isEmpty()) {
            return Optional.empty();
        }
        int ball = before.game().ballIndex(shot.ball().get());
        Point cue = before.cue().get();
        return before.openings().stream()
                .filter(opening -> opening.ball() == ball
                        && opening.pocket().name() == shot.pocket().get())
                .findFirst()
                .map(opening -> PotLook.of(before, cue.xMillimetres(), cue.yMillimetres(), opening, errors));
    }

    private static ClusterStory clusters(List<Rack> ended) {
        int[] count = new int[6];
        for (Rack rack : ended) {
            RackPosition start = rack.played().before().get(0);
            if (Clusters.of(start).isEmpty()) {
                continue;
            }
            count[0]++;
            Optional<RackPosition> open = rack.played().before().stream()
                    .filter(position -> Clusters.of(position).isEmpty())
                    .findFirst();
            if (open.isEmpty()) {
                count[5]++;
            } else {
                boolean early = 2 * asked(open.get()) > asked(start);
                count[early ? 1 : 3]++;
                count[early ? 2 : 4] += isWon(rack) ? 1 : 0;
            }
        }
        return new ClusterStory(count[0], count[1], count[2], count[3], count[4], count[5]);
    }

    private static BreakOuts breakOuts(List<Rack> ended) {
        int tried = 0;
        int hit = 0;
        int racks = 0;
        int won = 0;
        for (Rack rack : ended) {
            List<BreakOut> said = rack.shots().stream()
                    .flatMap(shot -> shot.breakOut().stream())
                    .toList();
            tried += said.size();
            hit += (int) said.stream().filter(one -> one == BreakOut.HIT).count();
            racks += said.contains(BreakOut.HIT) ? 1 : 0;
            won += said.contains(BreakOut.HIT) && isWon(rack) ? 1 : 0;
        }
        return new BreakOuts(tried, hit, racks, won);
    }

    private static Optional<Breaks> breaks(List<Rack> all) {
        List<Rack> broken =
                all.stream().filter(rack -> rack.opened().isPresent()).toList();
        if (broken.isEmpty()) {
            return Optional.empty();
        }
        int dry = 0;
        int inOff = 0;
        double down = 0;
        double spread = 0;
        for (Rack rack : broken) {
            PlayedBreak opened = rack.opened().orElseThrow();
            dry += opened.down() == 0 ? 1 : 0;
            inOff += opened.inOff() ? 1 : 0;
            down += opened.down();
            spread += spread(rack.played().before().get(0));
        }
        int count = broken.size();
        return Optional.of(new Breaks(count, dry, inOff, down / count, spread / count));
    }

    private static double spread(RackPosition position) {
        List<Point> places = new ArrayList<>();
        for (int ball : position.onTable()) {
            places.add(position.place(ball));
        }
        double x = places.stream().mapToDouble(Point::xMillimetres).average().orElse(0);
        double y = places.stream().mapToDouble(Point::yMillimetres).average().orElse(0);
        return places.stream()
                .mapToDouble(place -> place.distanceMillimetres(new Point(x, y)))
                .average()
                .orElse(0);
    }
}
