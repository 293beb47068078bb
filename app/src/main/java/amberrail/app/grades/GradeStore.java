package amberrail.app.grades;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Grades by their question: those of the shipped drills come with the program, others are kept in the database. */
@Component
class GradeStore {
    private static final int MOST_KNOWN = 20_000;
    static final String SHIPPED = "/grades/shipped.json";

    private final JdbcClient sql;
    private final ObjectMapper json;
    private final Clock clock;
    private final Map<String, GradeView> shipped;
    /** What the database has, as far as it was asked. */
    private final Cache<String, GradeView> known =
            Caffeine.newBuilder().maximumSize(MOST_KNOWN).build();

    GradeStore(JdbcClient sql, ObjectMapper json, Clock clock) {
        this.sql = sql;
        this.json = json;
        this.clock = clock;
        shipped = readShipped(json);
    }

    private static Map<String, GradeView> readShipped(ObjectMapper json) {
        try (InputStream in = GradeStore.class.getResourceAsStream(SHIPPED)) {
            return in == null ? Map.of() : json.readValue(in, new TypeReference<TreeMap<String, GradeView>>() {});
        } catch (IOException e) {
            throw new UncheckedIOException("the shipped grades cannot be read", e);
        }
    }

    Optional<GradeView> find(GradeQuestion question) {
        GradeView found = shipped.get(question.digest());
        return found != null ? Optional.of(found) : stored(question);
    }

    private Optional<GradeView> stored(GradeQuestion question) {
        // One at a time for each question: a look that began before a grade was kept cannot make it unknown again
        // afterwards.
        GradeView found = known.get(question.digest(), this::asked);
        return found == GradeView.UNKNOWN ? Optional.empty() : Optional.of(found);
    }

    private GradeView asked(String digest) {
        return sql.sql("select body from station_grade where question = ?")
                .param(digest)
                .query(String.class)
                .optional()
                .map(this::read)
                .orElse(GradeView.UNKNOWN);
    }

    void keep(GradeQuestion question, GradeView grade) {
        try {
            sql.sql("merge into station_grade (question, body, computed_at) key (question) values (?, ?, ?)")
                    .param(question.digest())
                    .param(json.writeValueAsString(grade))
                    .param(java.sql.Timestamp.from(Instant.now(clock).truncatedTo(ChronoUnit.MILLIS)))
                    .update();
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a grade is plain values: " + grade, e);
        }
        known.put(question.digest(), grade);
    }

    private GradeView read(String body) {
        try {
            return json.readValue(body, GradeView.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored grade cannot be read: " + body, e);
        }
    }
}
