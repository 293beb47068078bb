package amberrail.app.installation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.storage.DataFolder;
import amberrail.app.storage.DatabaseUrl;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import java.io.ByteArrayOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;

/** The whole installation out and into another one. */
class InstallationTest extends AppTest {
    private static final int AFTER_THE_PEOPLE_BYTES = 300;

    @TempDir
    Path folder;

    @Autowired
    DataSource database;

    @Autowired
    PeopleService people;

    private Path zip;
    private Path data;

    @BeforeEach
    void somethingOfEveryKindOfCell() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = people.accept(
                people.addStudent(coach, "Comma, \"Quote\" Newline").token(), Club.anyName(), Club.PASSWORD);
        String session = beginSession(coach, student);
        put(coach, Club.potted(0, 1000, 500), "/api/v1/sessions/{s}/attempts/{id}", session, UUID.randomUUID());
        put(coach, Map.of("note", "line one\nline \"two\", über"), "/api/v1/sessions/{s}/note", session);
        zip = folder.resolve("club.zip");
        Files.write(
                zip,
                post(club.head(), Map.of("password", Club.PASSWORD), "/api/v1/installation-file")
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsByteArray());
        data = folder.resolve("other");
    }

    private String takenIn(int code, Path file) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int ended = TakeInCommand.run(List.of(file.toString(), "--data", data.toString()), new PrintStream(out));
        assertThat(ended).as(out.toString(StandardCharsets.UTF_8)).isEqualTo(code);
        return out.toString(StandardCharsets.UTF_8);
    }

    private static Map<String, InstallationManifest.TableFile> tables(Path file)
            throws IOException, InstallationRefused {
        try (InstallationReader reader = new InstallationReader(file)) {
            return reader.checked().tables().stream()
                    .collect(Collectors.toMap(InstallationManifest.TableFile::table, one -> one));
        }
    }

    /** Out of the other installation again come the same files, to the byte. */
    @Test
    void anotherClubReadsItWhole() throws Exception {
        String said = takenIn(0, zip);
        assertThat(said).contains("Taken in", "people", "/invitation/");
        Path again = folder.resolve("again.zip");
        try (Connection other = DriverManager.getConnection(
                        DataFolder.urlOf(data.resolve("amber-rail.mv.db")), DatabaseUrl.USER, DatabaseUrl.PASSWORD);
                var out = Files.newOutputStream(again)) {
            InstallationZip.write(other, Instant.EPOCH, out);
        }
        Map<String, InstallationManifest.TableFile> here = tables(zip);
        Map<String, InstallationManifest.TableFile> there = tables(again);
        assertThat(there.keySet()).isEqualTo(here.keySet());
        Map<String, String> different = new HashMap<>();
        here.forEach((name, one) -> {
            // Nobody has a sign-in name there any more.
            if (!name.equals("account") && !one.equals(there.get(name))) {
                different.put(name, one + " / " + there.get(name));
            }
        });
        assertThat(different).isEmpty();
        assertThat(there.get("account").rows()).isEqualTo(here.get("account").rows());
        assertThat(here.get("attempt").rows()).isPositive();
    }

    /** Somebody comes and is recorded while it is being written, after the people were: nothing of it is in it, and it is whole. */
    @Test
    void whatIsAddedMeanwhileIsNotHalfInIt() throws Exception {
        long peopleThere = tables(zip).get("account").rows();
        ByteArrayOutputStream written = new ByteArrayOutputStream();
        OutputStream interrupted = new FilterOutputStream(written) {
            private boolean done;

            @Override
            public void write(byte[] bytes, int from, int length) throws IOException {
                out.write(bytes, from, length);
                if (!done && written.size() > AFTER_THE_PEOPLE_BYTES) {
                    done = true;
                    elsewhere(InstallationTest.this::somethingOfEveryKindOfCell);
                }
            }
        };
        try (Connection connection = database.getConnection()) {
            InstallationZip.write(connection, Instant.EPOCH, interrupted);
        }
        Path meanwhile = Files.write(folder.resolve("meanwhile.zip"), written.toByteArray());
        assertThat(tables(zip).get("account").rows()).as("they did come").isGreaterThan(peopleThere);
        assertThat(tables(meanwhile).get("account").rows()).isEqualTo(peopleThere);
        takenIn(0, meanwhile);
    }

    private interface Step {
        void run() throws Exception;
    }

    private static void elsewhere(Step step) {
        CompletableFuture.runAsync(() -> {
                    try {
                        step.run();
                    } catch (Exception e) {
                        throw new IllegalStateException(e);
                    }
                })
                .join();
    }

    @Test
    void noSecretIsInIt() throws Exception {
        StringBuilder all = new StringBuilder();
        try (ZipFile whole = new ZipFile(zip.toFile())) {
            for (ZipEntry entry : whole.stream().toList()) {
                all.append(entry.getName()).append('\n');
                all.append(new String(whole.getInputStream(entry).readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        assertThat(all.toString())
                .contains("tables/account.csv")
                .doesNotContain("$argon2", "spring_session", "token_hash", "installation_secret", "authenticator");
    }

    @Test
    void aDamagedAForeignAndANewerOneAreRefusedAndNothingIsLeft() throws Exception {
        Path damaged = folder.resolve("damaged.zip");
        rewritten(damaged, "tables/account.csv", text -> text.replaceFirst("Comma", "Komma"));
        assertThat(takenIn(1, damaged)).contains("is damaged", "tables/account.csv");
        Path foreign = folder.resolve("foreign.zip");
        rewritten(foreign, "manifest.json", text -> text.replace("amber-rail-installation", "something else"));
        assertThat(takenIn(1, foreign)).contains("no installation of Amber Rail");
        Path newer = folder.resolve("newer.zip");
        rewritten(newer, "manifest.json", text -> text.replaceFirst("\"schema\" : \\d+", "\"schema\" : 999"));
        assertThat(takenIn(1, newer)).contains("newer Amber Rail");
        Path cut = folder.resolve("cut.zip");
        byte[] bytes = Files.readAllBytes(zip);
        Files.write(cut, Arrays.copyOf(bytes, bytes.length / 2));
        assertThat(takenIn(1, cut)).contains("no zip, or only part of one");
        assertThat(data.resolve("amber-rail.mv.db")).doesNotExist();
        assertThat(data.resolve("amber-rail.taking-in.mv.db")).doesNotExist();
    }

    private interface Change {
        String of(String text);
    }

    private void rewritten(Path to, String name, Change change) throws IOException {
        try (ZipFile whole = new ZipFile(zip.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(to))) {
            for (ZipEntry entry : whole.stream().toList()) {
                out.putNextEntry(new ZipEntry(entry.getName()));
                byte[] bytes = whole.getInputStream(entry).readAllBytes();
                out.write(
                        entry.getName().equals(name)
                                ? change.of(new String(bytes, StandardCharsets.UTF_8))
                                        .getBytes(StandardCharsets.UTF_8)
                                : bytes);
                out.closeEntry();
            }
        }
    }

    @Test
    void aClubThatIsThereIsNotReplaced() throws Exception {
        takenIn(0, zip);
        byte[] before = Files.readAllBytes(data.resolve("amber-rail.mv.db"));
        assertThat(takenIn(1, zip)).contains("There is a club");
        assertThat(Files.readAllBytes(data.resolve("amber-rail.mv.db"))).isEqualTo(before);
    }

    @Test
    void onlyTheHeadCoachWithThePasswordGetsIt() throws Exception {
        post(club.newCoach(), Map.of("password", Club.PASSWORD), "/api/v1/installation-file")
                .andExpect(status().isForbidden());
        post(club.head(), Map.of("password", "not the password"), "/api/v1/installation-file")
                .andExpect(status().isBadRequest());
    }

    @Test
    void cellsComeBackAsTheyWere() throws Exception {
        for (String text : new String[] {"", "plain", "a,b", "\"", "two\r\nlines", " spaces ", "ä€"}) {
            String line = CsvCells.of(text) + "," + CsvCells.of(null) + "," + CsvCells.of(text) + "\r\n";
            assertThat(CsvCells.next(new StringReader(line)))
                    .contains(List.of(Optional.of(text), Optional.empty(), Optional.of(text)));
        }
        assertThat(CsvCells.next(new StringReader(""))).isEmpty();
    }
}
