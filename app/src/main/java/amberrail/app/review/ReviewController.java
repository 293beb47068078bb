package amberrail.app.review;

import amberrail.app.people.Concerned;
import amberrail.app.people.SignedIn;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Review of one session, and two periods compared. */
@RestController
@RequestMapping("/api/v1")
class ReviewController {
    private final ReviewService reviews;
    private final Concerned concerned;

    ReviewController(ReviewService reviews, Concerned concerned) {
        this.reviews = reviews;
        this.concerned = concerned;
    }

    @GetMapping("/sessions/{sessionId}/review")
    ReviewView review(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID sessionId,
            @RequestParam Optional<UUID> studentId,
            @RequestParam Optional<String> drillId,
            @RequestParam Optional<Integer> station,
            @RequestParam(defaultValue = "false") boolean mirrored,
            @RequestParam(defaultValue = "0") int shot) {
        ReviewView review =
                reviews.review(who, sessionId, new ReviewService.Asked(studentId, drillId, station, mirrored, shot));
        // Of those at the table only this one is told about.
        concerned.only(review.studentId());
        return review;
    }

    /**
     * A drill over several sessions.
     *
     * @param from        first day (UTC), to the last; left out: from the first session, to the newest
     * @param pot         only attempts that went in so, as the findings name it
     * @param call        only attempts with this call
     * @param observation only attempts at which this was noticed
     */
    @GetMapping("/students/{id}/selection")
    ReviewView select(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam String drillId,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> to,
            @RequestParam Optional<String> pot,
            @RequestParam Optional<String> call,
            @RequestParam Optional<String> observation,
            @RequestParam Optional<Integer> station,
            @RequestParam(defaultValue = "false") boolean mirrored,
            @RequestParam(defaultValue = "0") int shot) {
        return reviews.select(
                who,
                id,
                new ReviewService.Selected(drillId, from, to, pot, call, observation),
                new ReviewService.Asked(Optional.of(id), Optional.of(drillId), station, mirrored, shot));
    }

    /** Two periods, each of one session or several, at one station and side. */
    @GetMapping("/students/{id}/comparison")
    Comparison.ComparisonView compare(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam String drillId,
            @RequestParam int station,
            @RequestParam(defaultValue = "false") boolean mirrored,
            @RequestParam(defaultValue = "0") int shot,
            @RequestParam List<UUID> from,
            @RequestParam List<UUID> to) {
        return reviews.compare(
                who,
                from,
                to,
                new ReviewService.Asked(Optional.of(id), Optional.of(drillId), Optional.of(station), mirrored, shot));
    }
}
