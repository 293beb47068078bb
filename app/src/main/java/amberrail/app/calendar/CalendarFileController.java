package amberrail.app.calendar;

import amberrail.app.calendar.BusyTimes.BusyLook;
import amberrail.app.calendar.CalendarFeeds.FeedView;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Costly;
import amberrail.app.web.Races;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The calendar for other calendars, and other calendars for this one. */
@RestController
@RequestMapping("/api/v1")
class CalendarFileController {
    private static final MediaType CALENDAR = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private final CalendarContents contents;
    private final CalendarFeeds feeds;
    private final BusyTimes busy;

    CalendarFileController(CalendarContents contents, CalendarFeeds feeds, BusyTimes busy) {
        this.contents = contents;
        this.feeds = feeds;
        this.busy = busy;
    }

    /** Told once: {@code path} follows the address of this server. */
    record NewFeed(String path) {}

    /**
     * A calendar file.
     *
     * @param text as RFC 5545 has it
     */
    record BusyFile(@NotNull String text) {}

    /** What belongs to whoever asks, as a file. */
    @Costly
    @GetMapping(path = "/calendar.ics", produces = "text/calendar")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal SignedIn who) {
        return answer(contents.of(who));
    }

    /** The same for whoever has the secret address; needs no sign-in. */
    @Costly
    @GetMapping(path = "/calendar-feeds/{token}.ics", produces = "text/calendar")
    ResponseEntity<byte[]> feed(@PathVariable String token) {
        return answer(feeds.read(token));
    }

    private static ResponseEntity<byte[]> answer(String file) {
        return ResponseEntity.ok()
                .contentType(CALENDAR)
                .cacheControl(CacheControl.noStore())
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("amber-rail.ics")
                                .build()
                                .toString())
                .body(file.getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/calendar-feed")
    FeedView feed(@AuthenticationPrincipal SignedIn who) {
        return feeds.of(who);
    }

    /** A new secret address in place of the old one. */
    @PostMapping("/calendar-feed")
    @ResponseStatus(HttpStatus.CREATED)
    NewFeed make(@AuthenticationPrincipal SignedIn who) {
        return new NewFeed("/api/v1/calendar-feeds/" + Races.again(() -> feeds.make(who)) + ".ics");
    }

    @DeleteMapping("/calendar-feed")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revoke(@AuthenticationPrincipal SignedIn who) {
        feeds.revoke(who);
    }

    /** Looks at a file, or takes its busy times in place of those that were taken before. */
    @Costly
    @PostMapping("/calendar-import")
    BusyLook read(
            @AuthenticationPrincipal SignedIn who,
            @RequestParam(defaultValue = "true") boolean dryRun,
            @Valid @RequestBody BusyFile file) {
        return busy.read(who, file.text(), dryRun);
    }

    /** Takes all busy times away again. */
    @DeleteMapping("/calendar-import")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@AuthenticationPrincipal SignedIn who) {
        busy.forget(who);
    }
}
