package amberrail.app.signin;

import amberrail.app.people.EmptyClub;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The first question of every page, open to all; kept apart since it is answered while the rest of the server still gets ready. */
@RestController
@RequestMapping("/api/v1/club")
class ClubController {
    private final EmptyClub emptyClub;

    ClubController(EmptyClub emptyClub) {
        this.emptyClub = emptyClub;
    }

    /** What the first page needs to know before anyone has signed in. */
    record ClubState(boolean needsFirstCoach) {}

    @GetMapping
    ClubState club() {
        return new ClubState(emptyClub.needsFirstCoach());
    }
}
