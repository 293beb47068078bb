package amberrail.app.review;

import amberrail.app.attempts.RecordedAttempt;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.statistics.PottingResult;
import java.util.List;
import java.util.function.Predicate;

/** Attempts of one student at one station, side and shot, with the set-up that they were played on. */
record ReviewedShots(ShotLayout layout, List<RecordedAttempt> attempts) {
    ReviewedShots {
        attempts = List.copyOf(attempts);
    }

    int count(Predicate<RecordedAttempt> test) {
        return (int) attempts.stream().filter(test).count();
    }

    /** Of made pots: missed ones are another population. */
    List<Point> landings() {
        return attempts.stream()
                .filter(a -> a.played().outcome().pot() == PottingResult.Pot.MADE)
                .flatMap(a -> a.landingAlong(layout).stream())
                .toList();
    }
}
