package amberrail.app.personaldata;

import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** A person's name and id in words that others wrote and keep. */
@Component
class Names {
    private static final String SOMEBODY = "somebody";

    private final JdbcClient sql;

    Names(JdbcClient sql) {
        this.sql = sql;
    }

    /** The whole name wherever it stands in words that stay. */
    void takeOut(String name) {
        for (PersonalTables.Column column : PersonalTables.FREE_TEXTS) {
            sql.sql("update " + column.table() + " set " + column.name() + " = replace(" + column.name() + ", ?, ?)"
                            + " where position(?, " + column.name() + ") > 0")
                    .params(name, SOMEBODY, name)
                    .update();
        }
    }

    /** In words about several people also the first name by itself. */
    void takeOut(String name, SharedRows.Shared what, String column, List<UUID> ids) {
        Pattern first = Pattern.compile("\\b" + Pattern.quote(name.split(" ")[0]) + "\\b");
        for (UUID id : ids) {
            String before = sql.sql("select " + column + " from " + what.table() + " where id = ?")
                    .param(id)
                    .query(String.class)
                    .optional()
                    .orElse("");
            String after = first.matcher(before.replace(name, SOMEBODY)).replaceAll(Matcher.quoteReplacement(SOMEBODY));
            if (!after.equals(before)) {
                sql.sql("update " + what.table() + " set " + column + " = ? where id = ?")
                        .params(after, id)
                        .update();
            }
        }
    }

    /** In what others keep as a document: revisions of their attempts in shared sessions, lines of shared plans. */
    void exchange(UUID id, UUID other, List<UUID> sessions, List<UUID> plans) {
        for (UUID session : sessions) {
            exchange(
                    "attempt_revision",
                    "body",
                    "attempt_id in (select id from attempt where session_id = ?)",
                    id,
                    other,
                    session);
        }
        for (UUID plan : plans) {
            exchange("practice_plan", "items", "id = ?", id, other, plan);
        }
    }

    private void exchange(String table, String column, String where, UUID id, UUID other, UUID in) {
        sql.sql("update " + table + " set " + column + " = replace(" + column + ", ?, ?) where " + where
                        + " and position(?, " + column + ") > 0")
                .params(id.toString(), other.toString(), in, id.toString())
                .update();
    }
}
