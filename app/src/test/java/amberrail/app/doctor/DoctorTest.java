package amberrail.app.doctor;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.storage.DataFolder;
import amberrail.app.storage.DatabaseUrl;
import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the doctor says of a data folder in every state it can be in. */
class DoctorTest {
    private static final String URL_OF_CLOSED = ";IFEXISTS=TRUE";

    @TempDir
    Path path;

    private DataFolder folder;
    private Path backups;

    @BeforeEach
    void aFolder() {
        folder = new DataFolder(path.resolve("data"));
        backups = path.resolve("backups");
    }

    private void aDatabase() throws IOException {
        Files.createDirectories(folder.path());
        Flyway.configure()
                .dataSource(DataFolder.urlOf(folder.database()), DatabaseUrl.USER, DatabaseUrl.PASSWORD)
                .locations("classpath:db/migration")
                .load()
                .migrate();
    }

    private Connection open() throws SQLException {
        return DriverManager.getConnection(
                DataFolder.urlOf(folder.database()) + URL_OF_CLOSED, DatabaseUrl.USER, DatabaseUrl.PASSWORD);
    }

    private String said(int code) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        List<String> arguments = List.of("--data", folder.path().toString(), "--backups", backups.toString());
        assertThat(DoctorCommand.run(arguments, new PrintStream(out, true, StandardCharsets.UTF_8)))
                .isEqualTo(code);
        return out.toString(StandardCharsets.UTF_8);
    }

    @Test
    void anEmptyPlaceIsGood() {
        assertThat(said(0)).contains("Java 1", "does not exist yet", "There is no backup", "Nothing is wrong.");
    }

    @Test
    void aGoodDatabaseIsOpenedAndCountedAndStaysAsItIs() throws Exception {
        aDatabase();
        byte[] before = Files.readAllBytes(folder.database());
        assertThat(said(0)).contains("The database opens: 0 people, 0 sessions, 0 attempts");
        assertThat(Files.readAllBytes(folder.database())).isEqualTo(before);
    }

    /** Another process has the file open, as a server has. */
    public static final class Server {
        public static void main(String[] url) throws SQLException, IOException {
            try (Connection connection = DriverManager.getConnection(url[0], DatabaseUrl.USER, DatabaseUrl.PASSWORD)) {
                System.out.println(connection.isValid(1));
                System.in.read();
            }
        }
    }

    @Test
    void aRunningServerIsLeftAlone() throws Exception {
        aDatabase();
        Process server = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                        Server.class.getName(),
                        DataFolder.urlOf(folder.database()))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (BufferedReader told = server.inputReader()) {
            assertThat(told.readLine()).isEqualTo("true");
            assertThat(said(0)).contains("A server is running");
            assertThat(server.isAlive()).isTrue();
        } finally {
            server.destroy();
            server.waitFor();
        }
    }

    @Test
    void aDamagedOneNamesTheNextStep() throws Exception {
        aDatabase();
        try (RandomAccessFile file = new RandomAccessFile(folder.database().toFile(), "rw")) {
            file.write(new byte[20_000]);
        }
        assertThat(said(1)).contains("WRONG", "damaged", "./amber restore FILE");
    }

    @Test
    void oneThatHasChangedSinceItWasClosedIsNoticed() throws Exception {
        aDatabase();
        Files.writeString(folder.path().resolve("amber-rail.seal"), "12 34");
        assertThat(said(1)).contains("not as the server left it", "./amber restore FILE");
    }

    @Test
    void oneOfANewerVersionSaysSo() throws Exception {
        aDatabase();
        try (Connection connection = open();
                Statement statement = connection.createStatement()) {
            statement.execute("insert into \"flyway_schema_history\" (\"installed_rank\", \"version\", \"description\","
                    + " \"type\", \"script\", \"installed_by\", \"execution_time\", \"success\")"
                    + " values (999, '999', 'later', 'SQL', 'V999__later.sql', 'x', 1, true)");
        }
        assertThat(said(1)).contains("newer Amber Rail");
    }

    @Test
    void aClockBehindTheNewestRecordIsWrong() throws Exception {
        aDatabase();
        Instant played = Instant.parse("2026-11-28T20:00:00Z");
        anAttempt(played);
        List<String> hoursBefore = said(played.minus(Duration.ofHours(3)));
        assertThat(hoursBefore).anyMatch(line -> line.startsWith("WRONG") && line.contains("clock"));
        assertThat(said(played.minus(Duration.ofMinutes(5)))).noneMatch(line -> line.startsWith("WRONG"));
    }

    private List<String> said(Instant now) {
        return new Checks(folder, backups, Optional.empty(), now)
                .all().stream().map(Finding::toString).toList();
    }

    /** Of nobody, in no session: only its time is looked at. */
    private void anAttempt(Instant at) throws SQLException {
        try (Connection connection = open();
                Statement statement = connection.createStatement()) {
            statement.execute("set referential_integrity false");
            StringBuilder columns = new StringBuilder("changed_at");
            StringBuilder values = new StringBuilder("timestamp with time zone '" + at + "'");
            try (var needed = connection
                    .createStatement()
                    .executeQuery(
                            "select column_name, data_type from information_schema.columns where table_name = 'ATTEMPT'"
                                    + " and is_nullable = 'NO' and column_default is null and column_name <> 'CHANGED_AT'")) {
                while (needed.next()) {
                    columns.append(", ").append(needed.getString(1));
                    values.append(", ").append(anything(needed.getString(2)));
                }
            }
            statement.execute("insert into attempt (" + columns + ") values (" + values + ")");
        }
    }

    private static String anything(String type) {
        if (type.startsWith("UUID")) {
            return "'" + UUID.randomUUID() + "'";
        }
        if (type.startsWith("TIMESTAMP")) {
            return "timestamp with time zone '2020-01-01 00:00:00+00'";
        }
        if (type.startsWith("BOOLEAN")) {
            return "false";
        }
        return type.startsWith("CHARACTER") ? "'A'" : "0";
    }

    @Test
    void backupsAreLookedAtByAgeAndOpened() throws Exception {
        Files.createDirectories(backups);
        Files.writeString(backups.resolve("amber-rail-20200101T000000Z.zip"), "old");
        assertThat(said(0)).contains("days old");
        String now = Instant.now().toString().replaceAll("[-:]", "").replaceAll("\\..*", "Z");
        Files.writeString(backups.resolve("amber-rail-" + now + ".zip"), "not a zip");
        assertThat(said(1)).contains("The newest backup does not open");
    }

    @Test
    void aFileInPlaceOfTheFolderCannotBeWritten() throws Exception {
        Files.writeString(folder.path(), "");
        assertThat(said(1)).contains("cannot be written", "chown");
    }

    @Test
    void aQuestionThatItDoesNotKnowIsAnsweredWithHowToAsk() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(DoctorCommand.run(List.of("--what"), new PrintStream(out))).isEqualTo(2);
        assertThat(out.toString()).startsWith("./amber doctor");
    }
}
