package amberrail.app.calendar;

import amberrail.app.people.Access;
import amberrail.app.people.ClubSettings;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Refused;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where the clock on the club's wall hangs: every hour of the calendar is meant by it. Until somebody says otherwise, where the server stands. */
@Service
@Transactional
class ClubZone {
    private static final String NAME = "zone";

    private final ClubSettings settings;
    private final Access access;

    ClubZone(ClubSettings settings, Access access) {
        this.settings = settings;
        this.access = access;
    }

    @Transactional(readOnly = true)
    ZoneId get() {
        return settings.get(NAME).map(ZoneId::of).orElseGet(ClubZone::ofTheServer);
    }

    private static ZoneId ofTheServer() {
        ZoneId here = ZoneId.systemDefault();
        return CalendarFile.canWrite(here) ? here : ZoneOffset.UTC;
    }

    /** By its name, such as Europe/Berlin; everything in the calendar keeps its hour on the wall. */
    void change(SignedIn who, String zone) {
        access.requireHeadCoach(who);
        settings.set(NAME, known(zone));
    }

    private static String known(String zone) {
        try {
            ZoneId known = ZoneId.of(zone);
            if (!CalendarFile.canWrite(known)) {
                throw new DateTimeException("no rules of " + zone + " to write");
            }
            return known.getId();
        } catch (DateTimeException unknown) {
            Refused refused = new Refused("zone", "Time zone: no clock goes by \"" + zone + "\". Try Europe/Berlin.");
            refused.initCause(unknown);
            throw refused;
        }
    }
}
