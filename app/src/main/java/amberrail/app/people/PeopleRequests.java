package amberrail.app.people;

import amberrail.app.web.MayBeMissing;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** Bodies that people send about people. */
public final class PeopleRequests {
    private PeopleRequests() {}

    /** A new person's name. */
    public record NewPerson(
            @NotBlank(message = "must not be empty") @Size(max = 80)
            String name) {}

    /** Name and password to sign in with from now on. */
    public record NewSignIn(
            @NotNull
            @Pattern(
                    regexp = "[\\p{L}\\p{N}._@ -]{2,60}",
                    message = "must have 2 to 60 letters, digits, dots, hyphens or spaces")
            String signInName,

            @NotNull @Size(max = 800) String password) {}

    /** The first coach of an empty club. */
    public record FirstCoach(
            @NotBlank(message = "must not be empty") @Size(max = 80)
            String name,

            @NotNull
            @Pattern(
                    regexp = "[\\p{L}\\p{N}._@ -]{2,60}",
                    message = "must have 2 to 60 letters, digits, dots, hyphens or spaces")
            String signInName,

            @NotNull @Size(max = 800) String password) {}

    /** A person and the path of their one-time link, shown once. */
    public record InvitedView(UUID id, String name, String linkPath) {
        static InvitedView of(PeopleService.Invited invited) {
            return new InvitedView(invited.person().id(), invited.person().name(), "/invitation/" + invited.token());
        }
    }

    /**
     * A person of the club as whoever looks after them sees them.
     *
     * @param canSignIn whether they have set a password
     * @param coachIds  of a student's coaches
     * @param linkUntil how long a one-time link that was not used yet is good for
     */
    public record RosterEntry(
            UUID id,
            String name,
            Role role,
            boolean headCoach,
            boolean canSignIn,
            List<UUID> coachIds,
            @MayBeMissing Instant linkUntil,
            boolean archived) {
        static RosterEntry of(Roster.Entry entry) {
            PersonView person = entry.person();
            return new RosterEntry(
                    person.id(),
                    person.name(),
                    person.role(),
                    person.headCoach(),
                    person.canSignIn(),
                    entry.coachIds(),
                    entry.linkUntil().orElse(null),
                    entry.archived());
        }
    }
}
