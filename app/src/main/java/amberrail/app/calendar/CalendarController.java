package amberrail.app.calendar;

import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.PlausibleDays;
import amberrail.core.calendar.EntryKind;
import amberrail.core.calendar.Repeats;
import amberrail.core.calendar.TimeSlot;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The club's calendar; hours are those of the clock on its wall. */
@RestController
@RequestMapping("/api/v1")
class CalendarController {
    private static final int LONGEST_DAYS = 100;

    private final CalendarReader reader;
    private final CalendarService calendar;
    private final ClubZone zone;

    CalendarController(CalendarReader reader, CalendarService calendar, ClubZone zone) {
        this.reader = reader;
        this.calendar = calendar;
        this.zone = zone;
    }

    /**
     * An entry to keep.
     *
     * @param firstDay   of a change: where the time that was chosen goes to
     * @param startsAt   left out: whole days
     * @param minutes    of whole days 1440 each
     * @param everyWeeks of a series, with {@code until}; both or neither
     */
    record EntryBody(
            @NotNull EntryKind kind,
            @NotBlank @Size(max = 80) String title,
            @NotNull LocalDate firstDay,
            @MayBeMissing LocalTime startsAt,
            int minutes,
            @NotNull @Size(max = 8) List<@NotNull UUID> studentIds,
            @MayBeMissing UUID tableId,
            boolean everyone,
            @MayBeMissing @Min(1) @Max(8) Integer everyWeeks,
            @MayBeMissing LocalDate until) {
        CalendarService.Wanted wanted() {
            if ((everyWeeks == null) != (until == null)) {
                throw new InvalidInputException(
                        ProblemCode.CONTRADICTION, "until", until, "must be there with everyWeeks, and only with it");
            }
            return new CalendarService.Wanted(
                    kind,
                    title,
                    new TimeSlot(
                            firstDay,
                            Optional.ofNullable(startsAt).map(time -> time.truncatedTo(ChronoUnit.MINUTES)),
                            minutes),
                    Optional.ofNullable(everyWeeks).map(weeks -> new Repeats(weeks, until, Set.of())),
                    studentIds,
                    Optional.ofNullable(tableId),
                    everyone);
        }
    }

    /**
     * A change of an entry.
     *
     * @param day      that was chosen of a series; of a single entry its own
     * @param scope    whether that time alone, it and the later ones, or all
     * @param revision that was changed
     */
    record EntryChange(
            @NotNull LocalDate day,
            @NotNull CalendarService.Scope scope,
            int revision,
            @NotNull @Valid EntryBody entry) {}

    /** Which times of a series to take away. */
    record EntryRemoval(@NotNull LocalDate day, @NotNull CalendarService.Scope scope, int revision) {}

    /** Which entry it is now: one time of a series becomes an entry of its own. */
    record EntryKept(UUID id) {}

    record ZoneBody(@NotBlank @Size(max = 60) String zone) {}

    @GetMapping("/calendar")
    CalendarView view(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate to) {
        PlausibleDays.within("from", from);
        PlausibleDays.within("to", to);
        if (to.isBefore(from) || ChronoUnit.DAYS.between(from, to) > LONGEST_DAYS) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "to",
                    to,
                    "must not be before from, nor more than " + LONGEST_DAYS + " days after it");
        }
        return reader.view(who, from, to);
    }

    @PostMapping("/calendar-entries")
    @ResponseStatus(HttpStatus.CREATED)
    EntryKept create(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody EntryBody body) {
        return new EntryKept(calendar.create(who, body.wanted()));
    }

    /** Refused (409) if somebody else has changed it since. */
    @PutMapping("/calendar-entries/{id}")
    EntryKept change(
            @AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody EntryChange body) {
        return new EntryKept(calendar.change(
                who, id, body.revision(), body.day(), body.scope(), body.entry().wanted()));
    }

    @PostMapping("/calendar-entries/{id}/remove")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id, @Valid @RequestBody EntryRemoval body) {
        calendar.remove(who, id, body.revision(), body.day(), body.scope());
    }

    /** The head coach says where the club's clock hangs. */
    @PutMapping("/calendar-zone")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changeZone(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody ZoneBody body) {
        zone.change(who, body.zone());
    }
}
