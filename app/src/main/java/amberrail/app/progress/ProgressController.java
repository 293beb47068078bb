package amberrail.app.progress;

import amberrail.app.people.SignedIn;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A student's progress and what to play next, for themselves and their coaches; the whole group for a coach. */
@RestController
class ProgressController {
    private final ProgressService progress;
    private final NextStations next;
    private final GroupProgress group;
    private final PeriodService periods;

    ProgressController(ProgressService progress, NextStations next, GroupProgress group, PeriodService periods) {
        this.progress = progress;
        this.next = next;
        this.group = group;
        this.periods = periods;
    }

    @GetMapping("/api/v1/students/{id}/progress")
    ProgressView progress(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return progress.of(who, id);
    }

    /**
     * Any two periods beside each other.
     *
     * @param from first day of the earlier period, to its last
     * @param zone that the days are meant in, as the reader's browser names it
     */
    @GetMapping("/api/v1/students/{id}/periods")
    PeriodsView periods(
            @AuthenticationPrincipal SignedIn who,
            @PathVariable UUID id,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate from,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate to,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate laterFrom,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate laterTo,
            @RequestParam(defaultValue = "UTC") ZoneId zone) {
        return periods.of(
                who, id, new PeriodService.Period(from, to, zone), new PeriodService.Period(laterFrom, laterTo, zone));
    }

    @GetMapping("/api/v1/students/{id}/next-stations")
    NextStationsView nextStations(@AuthenticationPrincipal SignedIn who, @PathVariable UUID id) {
        return next.of(who, id);
    }

    @GetMapping("/api/v1/group-progress")
    GroupProgressView groupProgress(@AuthenticationPrincipal SignedIn who) {
        return group.of(who);
    }
}
