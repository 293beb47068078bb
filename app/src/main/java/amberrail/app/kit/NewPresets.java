package amberrail.app.kit;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Has a club given what came with a newer version. Looked for by plain SQL: most starts have nothing to give, and none waits for Hibernate. */
@Component
class NewPresets {
    private final JdbcClient sql;
    private final ObjectProvider<KitPresets> presets;

    NewPresets(JdbcClient sql, ObjectProvider<KitPresets> presets) {
        this.sql = sql;
        this.presets = presets;
    }

    @EventListener(ApplicationReadyEvent.class)
    void look() {
        boolean club = sql.sql("select exists (select 1 from club_table)")
                .query(Boolean.class)
                .single();
        if (club
                && !sql.sql("select preset from kit_preset")
                        .query(String.class)
                        .set()
                        .containsAll(KitPresets.names())) {
            presets.getObject().giveWhatIsNewToTheClub();
        }
    }
}
