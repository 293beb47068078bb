package amberrail.app.calendar;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Refused;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where the clock on the club's wall hangs: every hour of the calendar is meant by it. Until somebody says otherwise, where the server stands. */
@Service
@Transactional
class ClubZone {
    private static final String NAME = "zone";

    private final JdbcClient database;
    private final Access access;

    ClubZone(JdbcClient database, Access access) {
        this.database = database;
        this.access = access;
    }

    @Transactional(readOnly = true)
    ZoneId get() {
        return stored().map(ZoneId::of).orElseGet(ClubZone::ofTheServer);
    }

    private static ZoneId ofTheServer() {
        ZoneId here = ZoneId.systemDefault();
        return CalendarFile.canWrite(here) ? here : ZoneOffset.UTC;
    }

    /** By its name, such as Europe/Berlin; everything in the calendar keeps its hour on the wall. */
    void change(SignedIn who, String zone) {
        access.requireHeadCoach(who);
        String name = known(zone);
        int changed = database.sql("update club_setting set setting = :zone where name = :name")
                .param("zone", name)
                .param("name", NAME)
                .update();
        if (changed == 0) {
            database.sql("insert into club_setting (name, setting) values (:name, :zone)")
                    .param("zone", name)
                    .param("name", NAME)
                    .update();
        }
    }

    private Optional<String> stored() {
        return database.sql("select setting from club_setting where name = :name")
                .param("name", NAME)
                .query(String.class)
                .optional();
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
