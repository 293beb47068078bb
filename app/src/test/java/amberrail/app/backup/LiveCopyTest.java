package amberrail.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.storage.WritersGate;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HexFormat;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A copy of a database that is in use, beside which other files lie. */
class LiveCopyTest {
    @TempDir
    Path folder;

    private final WritersGate gate = new WritersGate();
    private Connection connection;
    private Path copy;
    private Path zip;

    @BeforeEach
    void aClub() throws Exception {
        connection = open(folder.resolve("amber-rail.mv.db"), "");
        try (Statement sql = connection.createStatement()) {
            sql.execute("create table shot (id int primary key, words varchar(500))");
            sql.execute("create table revision (id int primary key, words varchar(500))");
            sql.execute("insert into shot select x, lpad('shot', 400, x) from system_range(1, 5000)");
            sql.execute("insert into revision select x, lpad('revision', 400, x) from system_range(1, 5000)");
        }
        copy = folder.resolve("copy.mv.db");
        zip = folder.resolve("copy.zip");
    }

    @AfterEach
    void close() throws SQLException {
        connection.close();
    }

    private static Connection open(Path database, String options) throws SQLException {
        String path = database.toString();
        return DriverManager.getConnection(
                "jdbc:h2:file:" + path.substring(0, path.length() - ".mv.db".length()) + options, "amber", "");
    }

    private static long count(Connection connection, String what) throws SQLException {
        try (Statement sql = connection.createStatement();
                ResultSet row = sql.executeQuery("select count(*) from " + what)) {
            row.next();
            return row.getLong(1);
        }
    }

    private static byte[] onlyEntry(Path zip) throws Exception {
        try (InputStream in = Files.newInputStream(zip);
                ZipInputStream entries = new ZipInputStream(in)) {
            ZipEntry first = entries.getNextEntry();
            assertThat(first.getName()).isEqualTo("amber-rail.mv.db");
            byte[] bytes = entries.readAllBytes();
            assertThat(entries.getNextEntry()).isNull();
            return bytes;
        }
    }

    @Test
    void whatAnUpgradeOrARestoreHasKeptAsideStaysOut() throws Exception {
        Files.writeString(folder.resolve("amber-rail.before-V012.mv.db"), "what was there before an upgrade");
        Files.writeString(folder.resolve("amber-rail.replaced-20261129T040919Z.mv.db"), "and before a restore");
        String sha256 = new LiveCopy(gate).writePacked(connection, copy, zip);
        byte[] bytes = Files.readAllBytes(copy);
        assertThat(sha256)
                .isEqualTo(HexFormat.of().formatHex(BackupArchive.digest().digest(bytes)));
        assertThat(onlyEntry(zip)).isEqualTo(bytes);
        try (Connection there = open(copy, ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE")) {
            assertThat(count(there, "shot")).isEqualTo(5_000);
        }
    }

    /** A shot and its revision are written in one transaction; a copy that does not wait for it holds half of it, once in some dozens. */
    @Test
    void whatIsWrittenMeanwhileIsThereWholeOrNotAtAll() throws Exception {
        AtomicBoolean writing = new AtomicBoolean(true);
        CompletableFuture<Integer> writer = CompletableFuture.supplyAsync(() -> write(writing));
        try {
            for (int round = 0; round < 25; round++) {
                long before = count(connection, "shot");
                new LiveCopy(gate).write(connection, copy);
                long after = count(connection, "shot");
                // As a server opens what was put back: what was under way in the copy is taken back then.
                try (Connection there = open(copy, ";IFEXISTS=TRUE")) {
                    assertThat(count(there, "shot")).isBetween(before, after);
                    assertThat(count(there, "revision"))
                            .as("of round %s", round)
                            .isEqualTo(count(there, "shot"));
                }
            }
        } finally {
            writing.set(false);
        }
        assertThat(writer.get()).as("shots written beside the copies").isPositive();
    }

    private static void both(Connection own, Statement sql, int id) {
        try {
            sql.execute("insert into shot values (" + id + ", 'meanwhile')");
            sql.execute("insert into revision values (" + id + ", 'meanwhile')");
            own.commit();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private int write(AtomicBoolean writing) {
        int written = 0;
        try (Connection own = open(folder.resolve("amber-rail.mv.db"), "");
                Statement sql = own.createStatement()) {
            own.setAutoCommit(false);
            while (writing.get()) {
                int id = 30_000 + written++;
                gate.alone(() -> both(own, sql, id));
            }
            return written;
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
