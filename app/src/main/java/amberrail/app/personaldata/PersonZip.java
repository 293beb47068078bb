package amberrail.app.personaldata;

import amberrail.app.export.AttemptFiles;
import amberrail.app.people.PersonView;
import amberrail.app.people.Role;
import amberrail.app.people.SignedIn;
import amberrail.app.racks.RackFiles;
import amberrail.app.trail.Trail;
import amberrail.app.words.WordCatalogue;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Clob;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Everything about one person as a zip of open formats (docs/formats/person.md), with a page that says what each file is. */
@Component
class PersonZip {
    private final Trail trail;
    private final JdbcClient sql;
    private final ObjectMapper json;
    private final AttemptFiles attempts;
    private final RackFiles racks;
    private final Clock clock;

    PersonZip(Trail trail, JdbcClient sql, ObjectMapper json, AttemptFiles attempts, RackFiles racks, Clock clock) {
        this.trail = trail;
        this.sql = sql;
        this.json = json;
        this.attempts = attempts;
        this.racks = racks;
        this.clock = clock;
    }

    /** A file of the zip as its index tells it. */
    record File(String name, String what, int records) {}

    void write(SignedIn who, PersonView person, WordCatalogue words, OutputStream to) throws IOException {
        trail.upToNow();
        List<File> files = new ArrayList<>();
        try (ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            for (Listing listing : Listings.ALL) {
                if (!listing.name().isEmpty()) {
                    List<Map<String, Object>> rows = rows(listing, person);
                    put(
                            zip,
                            files,
                            listing.name() + ".json",
                            words.of("data.kind", listing.kind()),
                            rows.size(),
                            json.writeValueAsBytes(rows));
                }
            }
            if (person.role() == Role.STUDENT) {
                ofStudent(who, person, words, zip, files);
            }
            zip.putNextEntry(new ZipEntry("index.html"));
            zip.write(PersonIndex.of(person.name(), Instant.now(clock).truncatedTo(ChronoUnit.SECONDS), files, words)
                    .getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
    }

    private void ofStudent(SignedIn who, PersonView person, WordCatalogue words, ZipOutputStream zip, List<File> files)
            throws IOException {
        AttemptFiles.Written played = attempts.of(who, person.id());
        String attemptsWord = words.of("data.kind", DataKind.ATTEMPTS);
        put(
                zip,
                files,
                "attempts.csv",
                attemptsWord,
                played.rows(),
                played.csv().getBytes(StandardCharsets.UTF_8));
        put(zip, files, "attempts.json", attemptsWord, played.rows(), played.json());
        RackFiles.Written ofRacks = racks.of(who, person.id());
        String racksWord = words.of("data.kind", DataKind.RACKS);
        put(zip, files, "racks.json", racksWord, ofRacks.racks(), ofRacks.json());
        put(
                zip,
                files,
                "rack-shots.csv",
                racksWord,
                ofRacks.shots(),
                ofRacks.csv().getBytes(StandardCharsets.UTF_8));
    }

    private List<Map<String, Object>> rows(Listing listing, PersonView person) {
        return sql.sql(listing.sql())
                .param("id", person.id())
                .query((row, n) -> {
                    Map<String, Object> told = new LinkedHashMap<>();
                    for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) {
                        Object value = row.getObject(i);
                        told.put(
                                row.getMetaData().getColumnLabel(i).toLowerCase(Locale.ROOT),
                                value instanceof Clob text ? text.getSubString(1, (int) text.length()) : plain(value));
                    }
                    return told;
                })
                .list();
    }

    private static Object plain(Object value) {
        return value instanceof Number || value instanceof Boolean || value == null ? value : value.toString();
    }

    private static void put(ZipOutputStream zip, List<File> files, String name, String what, int records, byte[] bytes)
            throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(bytes);
        zip.closeEntry();
        files.add(new File(name, what, records));
    }
}
