package amberrail.app.people;

import amberrail.app.people.PeopleRequests.InvitedView;
import amberrail.app.people.PeopleRequests.NewPerson;
import amberrail.app.people.PeopleRequests.RosterEntry;
import amberrail.app.web.Races;
import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Students and coaches of the club. */
@RestController
@RequestMapping("/api/v1")
class PeopleController {
    private final PeopleService people;
    private final Roster roster;

    PeopleController(PeopleService people, Roster roster) {
        this.people = people;
        this.roster = roster;
    }

    @GetMapping("/students")
    List<PersonView> students(@AuthenticationPrincipal SignedIn who) {
        return people.studentsOf(who);
    }

    @PostMapping("/students")
    @ResponseStatus(HttpStatus.CREATED)
    InvitedView addStudent(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody NewPerson body) {
        return InvitedView.of(people.addStudent(who, body.name()));
    }

    @GetMapping("/coaches")
    List<PersonView> coaches(@AuthenticationPrincipal SignedIn who) {
        return people.coaches(who);
    }

    @PostMapping("/coaches")
    @ResponseStatus(HttpStatus.CREATED)
    InvitedView addCoach(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody NewPerson body) {
        return InvitedView.of(people.addCoach(who, body.name()));
    }

    @PostMapping("/people/{id}/link")
    InvitedView newLink(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return InvitedView.of(Races.again(() -> people.newLink(who, id)));
    }

    @GetMapping("/roster")
    List<RosterEntry> roster(@AuthenticationPrincipal SignedIn who) {
        return roster.of(who).stream().map(RosterEntry::of).toList();
    }

    @PutMapping("/people/{id}/archive")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Races.again(() -> roster.archive(who, id));
    }

    @DeleteMapping("/people/{id}/archive")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        Races.again(() -> roster.restore(who, id));
    }

    @DeleteMapping("/people/{id}/link")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void endLink(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        roster.endLink(who, id);
    }

    @PutMapping("/students/{id}/coaches/{coachId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void assign(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @PathVariable UUID coachId) {
        Races.again(() -> people.assignCoach(who, id, coachId));
    }

    @DeleteMapping("/students/{id}/coaches/{coachId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void release(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @PathVariable UUID coachId) {
        Races.again(() -> people.releaseCoach(who, id, coachId));
    }
}
