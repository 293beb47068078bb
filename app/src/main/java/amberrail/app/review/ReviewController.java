package amberrail.app.review;

import amberrail.app.people.SignedIn;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Review of one session. */
@RestController
@RequestMapping("/api/v1/sessions/{sessionId}/review")
class ReviewController {
    private final ReviewService reviews;

    ReviewController(ReviewService reviews) {
        this.reviews = reviews;
    }

    @GetMapping
    ReviewView review(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID sessionId,
            @RequestParam Optional<UUID> studentId,
            @RequestParam Optional<String> drillId,
            @RequestParam Optional<Integer> station,
            @RequestParam(defaultValue = "false") boolean mirrored,
            @RequestParam(defaultValue = "0") int shot) {
        return reviews.review(who, sessionId, new ReviewService.Asked(studentId, drillId, station, mirrored, shot));
    }
}
