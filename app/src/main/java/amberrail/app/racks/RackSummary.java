package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.core.rack.HouseRules;
import amberrail.core.rack.RackReview;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A student's racks in one line, for the report: the same figures as on their page. */
@Component
public class RackSummary {
    private final RackReviewReader reader;
    private final RackStudents students;

    RackSummary(RackReviewReader reader, RackStudents students) {
        this.reader = reader;
        this.students = students;
    }

    /**
     * @param worth empty where of no rack it is known what its layout was worth
     */
    public record Line(int racks, int won, Optional<RackReview.Worth> worth) {}

    /** Empty where no rack has ended. */
    public Optional<Line> of(SignedIn who, UUID studentId) {
        RackReview review = RackReview.of(
                reader.racks(who, studentId, Optional.empty()),
                students.of(who, studentId, HouseRules.USUAL).errors(),
                Map.of());
        return review.racks() == 0
                ? Optional.empty()
                : Optional.of(new Line(review.racks(), review.won(), review.worth()));
    }
}
