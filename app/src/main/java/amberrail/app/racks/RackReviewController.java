package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.web.ChangesNothing;
import amberrail.app.web.MayBeMissing;
import amberrail.core.rack.HouseRules;
import amberrail.core.rack.PotsAgainstDrills;
import amberrail.core.rack.RackEnd;
import amberrail.core.rack.RackHeadline;
import amberrail.core.rack.RackPosition;
import amberrail.core.rack.RackReview;
import amberrail.core.rack.RackShot;
import amberrail.core.rack.RackStudent;
import amberrail.core.statistics.Interval;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What racks of a student come to together, and the one thing that costs most of them. */
@RestController
@RequestMapping("/api/v1/racks")
class RackReviewController {
    private static final int LAYOUTS = 40;
    private static final int RUNS = 12;
    private static final long SEED = 0x4EAD;

    private final RackReviewReader reader;
    private final RackStudents students;
    private final DrillPots drillPots;
    private final RackWork work;

    RackReviewController(RackReviewReader reader, RackStudents students, DrillPots drillPots, RackWork work) {
        this.reader = reader;
        this.students = students;
        this.drillPots = drillPots;
        this.work = work;
    }

    /** As {@link RackReview}; what there is nothing to say of is left out. */
    record RackReviewView(
            int racks,
            int won,
            @MayBeMissing Interval share,
            @MayBeMissing RackReview.Worth worth,
            double ballsARack,
            int mostPoints,
            Map<RackEnd, Integer> ends,
            Map<Integer, Integer> ballsLeft,
            RackReview.Before before,
            RackReview.Pots pots,
            @MayBeMissing PotsAgainstDrills againstDrills,
            @MayBeMissing RackReview.Landings landings,
            RackReview.ClusterStory clusters,
            RackReview.BreakOuts breakOuts,
            @MayBeMissing RackReview.Breaks breaks) {
        static RackReviewView of(RackReview review) {
            return new RackReviewView(
                    review.racks(),
                    review.won(),
                    review.share().orElse(null),
                    review.worth().orElse(null),
                    review.ballsARack(),
                    review.mostPoints(),
                    review.ends(),
                    review.ballsLeft(),
                    review.before(),
                    review.pots(),
                    review.againstDrills().orElse(null),
                    review.landings().orElse(null),
                    review.clusters(),
                    review.breakOuts(),
                    review.breaks().orElse(null));
        }
    }

    /** @param game left out: all games */
    record HeadlineAsked(
            @NotNull UUID studentId,
            @MayBeMissing @Size(max = 40) String game) {}

    /** @param headline left out while it is worked out, and where the shots do not tell the student's errors */
    record RackHeadlineView(
            RackWork.State state, @MayBeMissing RackHeadline headline) {}

    /** What is found of a headline. */
    record HeadlineFound(Optional<RackHeadline> headline) {}

    @GetMapping("/review")
    RackReviewView review(
            @AuthenticationPrincipal SignedIn who, @RequestParam UUID studentId, @RequestParam Optional<String> game) {
        RackStudent student = students.of(who, studentId, HouseRules.USUAL);
        return RackReviewView.of(
                RackReview.of(reader.racks(who, studentId, game), student.errors(), drillPots.of(studentId)));
    }

    /** The same layouts played again with each error halved: begins the work. */
    @ChangesNothing
    @PostMapping("/headlines")
    RackThinkingController.RackWorkBegun ask(
            @AuthenticationPrincipal SignedIn who, @Valid @RequestBody HeadlineAsked body) {
        RackStudent student = students.of(who, body.studentId(), HouseRules.USUAL);
        List<RackReview.Rack> racks = reader.racks(who, body.studentId(), Optional.ofNullable(body.game())).stream()
                .filter(rack -> rack.played().end().isPresent())
                .limit(LAYOUTS)
                .toList();
        List<RackPosition> layouts =
                racks.stream().map(rack -> rack.played().before().get(0)).toList();
        List<RackShot> shots = RackReviewReader.planned(racks);
        return new RackThinkingController.RackWorkBegun(work.begin(
                who,
                false,
                HeadlineFound.class,
                new HeadlineFound(Optional.empty()),
                (piece, cancelled) -> piece.tell(new HeadlineFound(
                        RackHeadline.of(layouts, shots, student.errors(), student.rules(), RUNS, SEED, cancelled)))));
    }

    @GetMapping("/headlines/{id}")
    RackHeadlineView headline(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        RackWork.Piece<HeadlineFound> piece = work.of(who, id, HeadlineFound.class);
        RackWork.State state = piece.state();
        return new RackHeadlineView(state, piece.found().headline().orElse(null));
    }
}
