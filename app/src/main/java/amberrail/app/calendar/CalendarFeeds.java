package amberrail.app.calendar;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SecretToken;
import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.app.web.Missing;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Secret addresses by which another calendar reads a person's: one for each person, which a new one replaces. */
@Service
@Transactional
class CalendarFeeds {
    private final CalendarFeedRepository feeds;
    private final PeopleService people;
    private final CalendarContents contents;
    private final Clock clock;

    CalendarFeeds(CalendarFeedRepository feeds, PeopleService people, CalendarContents contents, Clock clock) {
        this.feeds = feeds;
        this.people = people;
        this.contents = contents;
        this.clock = clock;
    }

    /** Whether there is one, without the address itself, which nobody can tell any more. */
    record FeedView(
            boolean there,
            @MayBeMissing Instant madeAt,
            @MayBeMissing Instant readAt) {}

    @Transactional(readOnly = true)
    FeedView of(SignedIn who) {
        return feeds.findById(who.accountId())
                .map(feed -> new FeedView(true, feed.madeAt, feed.readAt))
                .orElse(new FeedView(false, null, null));
    }

    /** The secret of a new address; the old one is no good from now on. */
    String make(SignedIn who) {
        String token = SecretToken.make();
        CalendarFeedEntity feed = feeds.findById(who.accountId()).orElseGet(CalendarFeedEntity::new);
        feed.accountId = who.accountId();
        feed.tokenHash = SecretToken.hash(token);
        feed.madeAt = now();
        feed.readAt = null;
        feeds.saveAndFlush(feed);
        return token;
    }

    void revoke(SignedIn who) {
        feeds.deleteById(who.accountId());
    }

    /** The calendar of whom the secret was made for; {@link Missing}, the same for a guessed and a revoked one. */
    String read(String token) {
        String hash = SecretToken.hash(token);
        SignedIn who = feeds.findByTokenHash(hash)
                .flatMap(feed -> people.actingAs(feed.accountId))
                .orElseThrow(() -> new Missing("calendar"));
        String calendar = contents.of(who);
        // Last: whoever writes keeps others from writing until the end.
        feeds.markRead(hash, now());
        return calendar;
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
