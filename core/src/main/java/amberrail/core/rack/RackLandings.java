package amberrail.core.rack;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.simulation.ExecutionErrors;
import amberrail.core.statistics.ArrivalError;
import java.util.List;
import java.util.Optional;

/** Where the cue ball stopped against where it was planned to. */
final class RackLandings {
    private static final double SHORTEST_WAY = 1;

    private RackLandings() {}

    static Optional<RackReview.Landings> of(List<RackReview.Rack> racks, ExecutionErrors errors) {
        Sum sum = new Sum();
        for (RackReview.Rack rack : racks) {
            for (int i = 0; i < rack.shots().size(); i++) {
                sum.add(rack, i, errors);
            }
        }
        return sum.count == 0
                ? Optional.empty()
                : Optional.of(new RackReview.Landings(
                        sum.count, sum.along / sum.count, sum.left / sum.count, sum.inZone, sum.nextOn, sum.nextAsked));
    }

    private static final class Sum {
        private int count;
        private double along;
        private double left;
        private int inZone;
        private int nextOn;
        private int nextAsked;

        void add(RackReview.Rack rack, int index, ExecutionErrors errors) {
            RecordedShot shot = rack.shots().get(index);
            RackPosition before = rack.played().before().get(index);
            if (shot.outcome() != RecordedShot.Outcome.POTTED
                    || shot.planned().isEmpty()
                    || shot.landing().isEmpty()
                    || shot.ball().isEmpty()) {
                return;
            }
            Point planned = shot.planned().get().centre();
            Point contact = before.place(before.game().ballIndex(shot.ball().get()));
            Direction way = planned.distanceMillimetres(contact) < SHORTEST_WAY
                    ? Direction.ofDegrees(0)
                    : contact.towards(planned);
            ArrivalError error = ArrivalError.of(planned, way, shot.landing().get());
            count++;
            along += error.speedMillimetres();
            left += error.lineMillimetres();
            inZone += planned.distanceMillimetres(shot.landing().get())
                            <= shot.planned().get().radiusMillimetres()
                    ? 1
                    : 0;
            next(rack, index, errors);
        }

        /** Whether the ball that was planned to come next could be potted from where the cue ball had stopped. */
        private void next(RackReview.Rack rack, int index, ExecutionErrors errors) {
            Optional<String> next = rack.shots().get(index).next();
            RackPosition after = rack.played().before().get(index + 1);
            if (next.isEmpty()
                    || after.cue().isEmpty()
                    || !after.isOnTable(after.game().ballIndex(next.get()))) {
                return;
            }
            nextAsked++;
            int ball = after.game().ballIndex(next.get());
            Point cue = after.cue().get();
            boolean on = after.openings().stream()
                    .filter(opening -> opening.ball() == ball)
                    .anyMatch(opening ->
                            PotLook.of(after, cue.xMillimetres(), cue.yMillimetres(), opening, errors) != null);
            nextOn += on ? 1 : 0;
        }
    }
}
