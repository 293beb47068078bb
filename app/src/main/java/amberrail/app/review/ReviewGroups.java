package amberrail.app.review;

import amberrail.app.attempts.RecordedAttempt;
import amberrail.core.drill.Drill;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The parts that a review looks at one at a time: each station, side and shot with attempts. */
final class ReviewGroups {
    private ReviewGroups() {}

    /** The one that is asked for; without a station the one with the most attempts. */
    static ReviewView.GroupView chosen(Drill drill, List<ReviewView.GroupView> groups, ReviewService.Asked asked) {
        return asked.station()
                .map(station -> one(drill, station, asked.mirrored(), asked.shot(), 0))
                .orElseGet(() -> largest(drill, groups));
    }

    static List<ReviewView.GroupView> of(Drill drill, List<RecordedAttempt> all) {
        Map<Place, Integer> counted = new HashMap<>();
        all.forEach(a -> counted.merge(Place.of(a), 1, Integer::sum));
        List<ReviewView.GroupView> groups = new ArrayList<>();
        for (int station = 0; station < drill.stations().size(); station++) {
            for (boolean mirrored : new boolean[] {false, true}) {
                for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
                    Integer n = counted.get(new Place(station, mirrored, shot));
                    if (n != null) {
                        groups.add(one(drill, station, mirrored, shot, n));
                    }
                }
            }
        }
        return groups;
    }

    private record Place(int station, boolean mirrored, int shot) {
        static Place of(RecordedAttempt one) {
            return new Place(
                    one.played().station(),
                    one.played().mirrored(),
                    one.played().shot());
        }
    }

    private static ReviewView.GroupView largest(Drill drill, List<ReviewView.GroupView> groups) {
        return groups.stream()
                .reduce((a, b) -> b.attempts() > a.attempts() ? b : a)
                .orElseGet(() -> one(drill, 0, false, 0, 0));
    }

    /** {@code UNKNOWN_ID} for a station or shot that the drill does not have. */
    static ReviewView.GroupView one(Drill drill, int station, boolean mirrored, int shot, int attempts) {
        int shots = drill.station(station).shots().size();
        if (shot < 0 || shot >= shots) {
            throw new InvalidInputException(ProblemCode.UNKNOWN_ID, "shot", shot, "must be from 0 to " + (shots - 1));
        }
        return new ReviewView.GroupView(station, drill.station(station).name(), mirrored, shot, shots, attempts);
    }

    static List<RecordedAttempt> attemptsAt(List<RecordedAttempt> all, int station, boolean mirrored, int shot) {
        return all.stream()
                .filter(a -> a.played().isAt(station, mirrored, shot))
                .toList();
    }
}
