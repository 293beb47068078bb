package amberrail.app.setups;

import amberrail.core.setup.WorkedSetUp;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Worked-out set-ups by their key: those of the shipped drills come with the program, others are kept in the database. */
@Component
class SetUpStore {
    /** One line for each: its key, a tab, its JSON. */
    static final String SHIPPED = "/setups/shipped.tsv.gz";

    private final JdbcClient sql;
    private final ObjectMapper json;
    private final Clock clock;
    private Map<String, String> shipped;

    SetUpStore(JdbcClient sql, ObjectMapper json, Clock clock) {
        this.sql = sql;
        this.json = json;
        this.clock = clock;
    }

    Optional<WorkedSetUp> find(SetUpKey key) {
        String body = shipped().get(key.digest());
        return Optional.ofNullable(body)
                .or(() -> sql.sql("select body from set_up where digest = ?")
                        .param(key.digest())
                        .query(String.class)
                        .optional())
                .map(this::read);
    }

    void keep(SetUpKey key, WorkedSetUp worked) {
        sql.sql("merge into set_up (digest, body, computed_at) key (digest) values (?, ?, ?)")
                .params(
                        key.digest(),
                        write(worked),
                        Timestamp.from(Instant.now(clock).truncatedTo(ChronoUnit.MILLIS)))
                .update();
    }

    String write(WorkedSetUp worked) {
        try {
            return json.writeValueAsString(worked);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a worked-out set-up is plain values: " + worked, e);
        }
    }

    WorkedSetUp read(String body) {
        try {
            return json.readValue(body, WorkedSetUp.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a stored set-up cannot be read: " + body, e);
        }
    }

    /** Read when first asked: a start must not wait for it. */
    private synchronized Map<String, String> shipped() {
        if (shipped == null) {
            shipped = readShipped();
        }
        return shipped;
    }

    private static Map<String, String> readShipped() {
        Map<String, String> all = new HashMap<>();
        try (InputStream in = SetUpStore.class.getResourceAsStream(SHIPPED)) {
            if (in == null) {
                return all;
            }
            BufferedReader lines =
                    new BufferedReader(new InputStreamReader(new GZIPInputStream(in), StandardCharsets.UTF_8));
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                int tab = line.indexOf('\t');
                all.put(line.substring(0, tab), line.substring(tab + 1));
            }
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException("the shipped set-ups cannot be read", e);
        }
    }
}
