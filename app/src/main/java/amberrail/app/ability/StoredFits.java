package amberrail.app.ability;

import amberrail.core.drill.Skill;
import amberrail.core.problem.InvalidInputException;
import java.io.IOException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.EnumMap;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what the last whole fit has found of the stations: a start goes on from it, where a large club's fit would keep its pages waiting. */
@Component
class StoredFits {
    private static final Logger LOG = LoggerFactory.getLogger(StoredFits.class);

    private final JdbcClient sql;

    StoredFits(JdbcClient sql) {
        this.sql = sql;
    }

    /** All or none: skills of two fits never stand beside one another. */
    @Transactional
    public void keep(Map<Skill, StoredFit> fits) {
        sql.sql("delete from ability_snapshot").update();
        fits.forEach(
                (skill, fit) -> sql.sql("insert into ability_snapshot (skill, as_of, calibration) values (?, ?, ?)")
                        .params(skill.name(), OffsetDateTime.ofInstant(fit.asOf(), ZoneOffset.UTC), fit.bytes())
                        .update());
    }

    @Transactional
    public void forget() {
        sql.sql("delete from ability_snapshot").update();
    }

    /** Empty where nothing is kept, or nothing that this version can read. */
    @Transactional(readOnly = true)
    public Map<Skill, StoredFit> all() {
        Map<Skill, StoredFit> fits = new EnumMap<>(Skill.class);
        try {
            for (Row row : sql.sql("select skill, as_of, calibration from ability_snapshot")
                    .query((found, n) -> new Row(
                            found.getString("skill"),
                            found.getObject("as_of", OffsetDateTime.class).toInstant(),
                            found.getBytes("calibration")))
                    .list()) {
                fits.put(Skill.valueOf(row.skill()), StoredFit.of(row.asOf(), row.bytes()));
            }
            return fits;
        } catch (IOException | InvalidInputException | IllegalArgumentException unreadable) {
            LOG.warn("what is kept of the last fit cannot be read; it is fitted anew", unreadable);
            return Map.of();
        }
    }

    private record Row(String skill, Instant asOf, byte[] bytes) {}
}
