package amberrail.app.consent;

import amberrail.app.people.Access;
import amberrail.app.people.ClubSettings;
import amberrail.app.people.SignedIn;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a club wants to know of age, whom to turn to about a minor, and after how long it is asked whether somebody is still to be kept. */
@Service
@Transactional
public class ClubCare {
    private static final String ASKS = "minors";
    private static final String SAFEGUARDING = "safeguarding";
    private static final String MONTHS = "ask-after-months";
    /** Two years. */
    private static final int USUAL_MONTHS = 24;

    private final ClubSettings settings;
    private final Access access;

    ClubCare(ClubSettings settings, Access access) {
        this.settings = settings;
        this.access = access;
    }

    /** How much of a student's age is asked for. */
    public enum Asks {
        NOTHING,
        /** Only whether somebody is a minor. */
        MARK,
        BIRTH_YEAR
    }

    /**
     * @param safeguarding whom to turn to about a minor, as the club words it; may be empty
     * @param askAfterMonths without practice, after which it is asked whether somebody is still to be kept
     */
    public record Care(Asks asks, String safeguarding, int askAfterMonths) {}

    @Transactional(readOnly = true)
    public Care get() {
        return new Care(
                settings.get(ASKS).map(Asks::valueOf).orElse(Asks.NOTHING),
                settings.get(SAFEGUARDING).orElse(""),
                settings.get(MONTHS).map(Integer::parseInt).orElse(USUAL_MONTHS));
    }

    void change(SignedIn who, Care care) {
        access.requireHeadCoach(who);
        settings.set(ASKS, care.asks().name());
        settings.set(SAFEGUARDING, care.safeguarding().strip());
        settings.set(MONTHS, Integer.toString(care.askAfterMonths()));
    }
}
