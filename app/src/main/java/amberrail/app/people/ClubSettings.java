package amberrail.app.people;

import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** What a club has decided for everybody, by name. Whoever sets it has checked who asks. */
@Component
public class ClubSettings {
    private final JdbcClient sql;

    ClubSettings(JdbcClient sql) {
        this.sql = sql;
    }

    public Optional<String> get(String name) {
        return sql.sql("select setting from club_setting where name = ?")
                .param(name)
                .query(String.class)
                .optional();
    }

    public void set(String name, String setting) {
        int changed = sql.sql("update club_setting set setting = ? where name = ?")
                .params(setting, name)
                .update();
        if (changed == 0) {
            sql.sql("insert into club_setting (name, setting) values (?, ?)")
                    .params(name, setting)
                    .update();
        }
    }
}
