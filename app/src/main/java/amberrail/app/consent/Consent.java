package amberrail.app.consent;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * What was consented to for a minor.
 *
 * @param givenBy   who gave it, as they were called then
 * @param notedBy   name of the coach who wrote it down
 * @param withdrawn when it was; empty while it is good
 */
record Consent(UUID id, Kind kind, String givenBy, LocalDate givenOn, String notedBy, Optional<Instant> withdrawn) {
    /** What it is about. */
    enum Kind {
        /** Records under the full name, with birth year and guardian. */
        RECORDS,
        PHOTOS,
        /** Reports by link. */
        SHARING
    }
}
