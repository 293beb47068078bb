package amberrail.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import java.util.stream.IntStream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.callback.Callback;
import org.flywaydb.core.api.callback.Context;
import org.flywaydb.core.api.callback.Event;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A stop in the middle of bringing the data up to date leaves them as they were; the next start goes through. */
class SafeMigrationTest {
    private static final String SCRIPTS = SchemaVersions.SCRIPTS;
    /** Every statement of every script is halted in {@code ./amber audit}; here every fiftieth, from each schema another one. */
    private static final int EVERY = Integer.getInteger("amber.haltEvery", 50);

    private static final int NEXT_SCHEMA_BEGINS_LATER = 7;
    /** Before it the first coach is found by the script. */
    private static final int FIRST_WITH_A_FOUNDER = 8;

    @TempDir
    Path temporary;

    private int folders;

    /** Thrown in the middle of a script: what was done by then stays as a process that dies leaves it. */
    private static final class Halt extends Error {
        Halt() {
            super("halted", null, false, false);
        }
    }

    private static final class HaltAfter implements Callback {
        private final int statements;
        private int seen;

        HaltAfter(int statements) {
            this.statements = statements;
        }

        @Override
        public boolean supports(Event event, Context context) {
            return event == Event.AFTER_EACH_MIGRATE_STATEMENT;
        }

        @Override
        public boolean canHandleInTransaction(Event event, Context context) {
            return true;
        }

        @Override
        public void handle(Event event, Context context) {
            seen++;
            if (seen == statements) {
                throw new Halt();
            }
        }

        @Override
        public String getCallbackName() {
            return "halt";
        }
    }

    private DataFolder folderOfSchema(int version, UUID coach) throws Exception {
        Path path = Files.createDirectory(temporary.resolve("data" + folders++));
        DataFolder folder = new DataFolder(path);
        Flyway.configure()
                .dataSource(folder.url(folder.database()), DatabaseUrl.USER, DatabaseUrl.PASSWORD)
                .locations(SCRIPTS)
                .target(String.valueOf(version))
                .load()
                .migrate();
        try (Connection connection = open(folder);
                Statement statement = connection.createStatement()) {
            statement.execute(
                    "insert into account (id, name, sign_in_name, role, head_coach, dialect, length_unit, theme,"
                            + " created_at) values ('" + coach
                            + "', 'Ada', 'ada', 'COACH', true, 'POOL', 'CENTIMETRES', 'LIGHT',"
                            + " '2026-09-01 10:00:00+00')");
            if (version >= FIRST_WITH_A_FOUNDER) {
                statement.execute("insert into club_founder (account_id) values ('" + coach + "')");
            }
        }
        return folder;
    }

    private static Connection open(DataFolder folder) throws SQLException {
        return DriverManager.getConnection(
                folder.url(folder.database()) + ";IFEXISTS=TRUE", DatabaseUrl.USER, DatabaseUrl.PASSWORD);
    }

    private static void requireWholeAndNewest(DataFolder folder, UUID coach) throws SQLException {
        try (Connection connection = open(folder);
                Statement statement = connection.createStatement()) {
            ResultSet version = statement.executeQuery(
                    "select max(cast(\"version\" as integer)) from \"flyway_schema_history\" where \"success\"");
            version.next();
            assertThat(version.getInt(1)).isEqualTo(SchemaVersions.newest());
            ResultSet founder = statement.executeQuery("select account_id from club_founder");
            assertThat(founder.next()).as("the coach is still the founder").isTrue();
            assertThat(founder.getObject(1, UUID.class)).isEqualTo(coach);
        }
    }

    static IntStream everySchemaBeforeTheNewest() {
        return IntStream.range(1, SchemaVersions.newest());
    }

    @ParameterizedTest
    @MethodSource("everySchemaBeforeTheNewest")
    void haltedAtAnyStatementTheNextStartGoesThroughAndNothingIsLost(int version) throws Exception {
        for (int statement = 1 + version * NEXT_SCHEMA_BEGINS_LATER % EVERY; ; statement += EVERY) {
            UUID coach = UUID.randomUUID();
            DataFolder folder = folderOfSchema(version, coach);
            byte[] before = Files.readAllBytes(folder.database());
            boolean halted = false;
            try {
                new SafeMigration(folder, new HaltAfter(statement)).run();
            } catch (Error | RuntimeException stopped) {
                halted = true;
                assertThat(Files.readAllBytes(folder.before(SchemaVersions.newest())))
                        .as("the kept copy")
                        .isEqualTo(Files.readAllBytes(folder.database()));
            }
            new SafeMigration(folder).run();
            requireWholeAndNewest(folder, coach);
            assertThat(before).isNotEmpty();
            if (!halted) {
                return;
            }
        }
    }

    @Test
    void aFirstStartThatWasHaltedBeginsAnew() throws Exception {
        DataFolder folder = new DataFolder(Files.createDirectory(temporary.resolve("fresh")));
        assertThatThrownBy(() -> new SafeMigration(folder, new HaltAfter(5)).run())
                .isInstanceOf(Throwable.class);
        assertThat(folder.database()).doesNotExist();
        assertThat(folder.wasUsed()).as("nothing that looks like a club").isFalse();
        new SafeMigration(folder).run();
        assertThat(folder.database()).exists();
    }

    @Test
    void whatAlreadyIsTheNewestIsNotOpened() throws Exception {
        DataFolder folder = folderOfSchema(3, UUID.randomUUID());
        new SafeMigration(folder).run();
        try (Connection inUse = open(folder)) {
            new SafeMigration(folder).run();
            assertThat(inUse.isValid(1)).isTrue();
        }
    }

    @Test
    void aDatabaseThatAnotherServerHasOpenIsNotCopied() throws Exception {
        DataFolder folder = folderOfSchema(3, UUID.randomUUID());
        Path elsewhere = temporary.resolve("holder");
        Files.createDirectory(elsewhere);
        Process other = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        HoldsDatabaseOpen.class.getName(),
                        folder.url(folder.database()))
                .redirectErrorStream(true)
                .start();
        try {
            assertThat(other.inputReader().readLine()).isEqualTo("open");
            assertThatThrownBy(() -> new SafeMigration(folder).run())
                    .isInstanceOf(UnopenedDatabaseException.class)
                    .hasCauseInstanceOf(SQLException.class);
        } finally {
            other.destroyForcibly().onExit().join();
        }
    }

    @Test
    void dataOfANewerProgramAreRefusedUntouched() throws Exception {
        DataFolder folder = folderOfSchema(7, UUID.randomUUID());
        new SafeMigration(folder).run();
        Files.writeString(folder.schemaMarker(), "900\n");
        byte[] before = Files.readAllBytes(folder.database());
        assertThatThrownBy(() -> new SafeMigration(folder).run()).isInstanceOf(NewerDataException.class);
        assertThat(Files.readAllBytes(folder.database())).isEqualTo(before);
    }

    @Test
    void nobodyElseCanReadTheData() throws IOException {
        DataFolder folder = new DataFolder(Files.createDirectory(temporary.resolve("private")));
        new SafeMigration(folder).run();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.path())))
                .isEqualTo("rwx------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.database())))
                .isEqualTo("rw-------");
    }
}
