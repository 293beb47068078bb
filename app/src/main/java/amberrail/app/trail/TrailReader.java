package amberrail.app.trail;

import amberrail.app.people.Concerned;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** The trail as the person it is about and the head coach may read it. */
@Component
class TrailReader {
    private static final int PAGE = 50;
    private static final Instant EVER = Instant.parse("9999-01-01T00:00:00Z");

    private final JdbcClient sql;
    private final TrailKeeper keeper;
    private final Concerned concerned;

    TrailReader(JdbcClient sql, TrailKeeper keeper, Concerned concerned) {
        this.sql = sql;
        this.keeper = keeper;
        this.concerned = concerned;
    }

    /**
     * What somebody did on one day.
     *
     * @param times how often
     */
    record TrailLine(
            Instant firstAt, Instant lastAt, int times, Deed deed, String area, String actor, String subject) {}

    /** @param next asks for the lines before these; empty where there are none */
    record Page(List<TrailLine> lines, Optional<Instant> next) {}

    /**
     * The newest first.
     *
     * @param byThem what the person did, in place of what was done with their data
     */
    Page of(SignedIn who, UUID person, boolean byThem, Optional<Instant> before) {
        if (!who.headCoach() && !who.accountId().equals(person)) {
            throw new Missing("person");
        }
        if (sql.sql("select count(*) from account where id = ?")
                        .param(person)
                        .query(Integer.class)
                        .single()
                == 0) {
            throw new Missing("person");
        }
        keeper.write();
        concerned.with(person);
        String column = byThem ? "actor_id" : "subject_id";
        List<TrailLine> lines = sql.sql("select e.*, a.name as actor, s.name as subject from audit_entry e"
                        + " join account a on a.id = e.actor_id join account s on s.id = e.subject_id"
                        + " where e." + column + " = ? and e.last_at < ? order by e.last_at desc, e.id desc limit ?")
                .params(person, before.orElse(EVER).atOffset(ZoneOffset.UTC), PAGE)
                .query(TrailReader::line)
                .list();
        return new Page(
                lines,
                lines.size() < PAGE
                        ? Optional.empty()
                        : Optional.of(lines.get(PAGE - 1).lastAt()));
    }

    private static TrailLine line(ResultSet row, int number) throws SQLException {
        return new TrailLine(
                row.getObject("first_at", OffsetDateTime.class).toInstant(),
                row.getObject("last_at", OffsetDateTime.class).toInstant(),
                row.getInt("times"),
                Deed.valueOf(row.getString("deed")),
                row.getString("area"),
                row.getString("actor"),
                row.getString("subject"));
    }
}
