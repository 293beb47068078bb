package amberrail.app.personaldata;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * A person's name and id in words that others wrote and keep. Only whole words are exchanged, and of a stored document only what somebody typed:
 * nobody may be called so that others' records break when they go.
 */
@Component
public class Names {
    private static final String SOMEBODY = "somebody";

    private final JdbcClient sql;
    private final ObjectMapper json;

    Names(JdbcClient sql, ObjectMapper json) {
        this.sql = sql;
        this.json = json;
    }

    /** A word or several, not as a part of longer ones. */
    private static Pattern word(String text) {
        return Pattern.compile(
                "(?<![\\p{L}\\p{N}])" + Pattern.quote(text) + "(?![\\p{L}\\p{N}])", Pattern.UNICODE_CHARACTER_CLASS);
    }

    private static String with(String instead, String text, Pattern... names) {
        String left = text;
        for (Pattern name : names) {
            left = name.matcher(left).replaceAll(Matcher.quoteReplacement(instead));
        }
        return left;
    }

    /** The whole name wherever it stands in words that stay. One word alone may mean anything: it is looked for in shared records only. */
    void takeOut(String name) {
        replace(name, SOMEBODY);
    }

    /** The same with another name in its place. */
    public void replace(String name, String instead) {
        sql.sql("update account_notice set by_name = ? where by_name = ?")
                .params(instead, name)
                .update();
        if (!name.contains(" ")) {
            return;
        }
        Pattern whole = word(name);
        for (PersonalTables.Column column : PersonalTables.FREE_TEXTS) {
            String where = " from " + column.table() + " where position(?, " + column.name() + ") > 0";
            List<UUID> ids =
                    sql.sql("select id" + where).param(name).query(UUID.class).list();
            ids.forEach(id -> change(column.table(), column.name(), id, instead, whole));
        }
        record Revision(UUID attempt, int number, String body) {}
        sql.sql("select attempt_id, revision, body from attempt_revision where position(?, body) > 0")
                .param(name)
                .query((row, n) -> new Revision(row.getObject(1, UUID.class), row.getInt(2), row.getString(3)))
                .list()
                .forEach(one -> sql.sql("update attempt_revision set body = ? where attempt_id = ? and revision = ?")
                        .params(noteWith(instead, one.body(), whole), one.attempt(), one.number())
                        .update());
    }

    private String noteWith(String instead, String body, Pattern name) {
        try {
            JsonNode told = json.readTree(body);
            if (told instanceof ObjectNode document && document.hasNonNull("note")) {
                document.put("note", with(instead, document.get("note").asText(), name));
                return json.writeValueAsString(document);
            }
            return body;
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored attempt cannot be read", e);
        }
    }

    /** In words about several people also the first name by itself. */
    void takeOut(String name, SharedRows.Shared what, String column, List<UUID> ids) {
        ids.forEach(id -> change(what.table(), column, id, SOMEBODY, word(name), word(name.split(" ")[0])));
    }

    private void change(String table, String column, UUID id, String instead, Pattern... names) {
        String before = sql.sql("select " + column + " from " + table + " where id = ?")
                .param(id)
                .query(String.class)
                .optional()
                .orElse("");
        String after = with(instead, before, names);
        if (!after.equals(before)) {
            sql.sql("update " + table + " set " + column + " = ? where id = ?")
                    .params(after, id)
                    .update();
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
