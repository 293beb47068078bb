package amberrail.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a database file came to when it was closed, and whether it still does. */
class SealTest {
    private static final int FLIPS = 40;

    @TempDir
    Path path;

    private DataFolder folder;

    @BeforeEach
    void aClosedDatabase() throws SQLException {
        folder = new DataFolder(path);
        try (Connection connection = open()) {
            connection.createStatement().execute("create table note (text varchar(200))");
            connection.createStatement().execute("insert into note values ('looks away at impact')");
        }
    }

    private Connection open() throws SQLException {
        return DriverManager.getConnection(DataFolder.urlOf(folder.database()), DatabaseUrl.USER, DatabaseUrl.PASSWORD);
    }

    private void flip(long at, int bit) throws IOException {
        try (RandomAccessFile file = new RandomAccessFile(folder.database().toFile(), "rw")) {
            file.seek(at);
            int read = file.read();
            file.seek(at);
            file.write(read ^ 1 << bit);
        }
    }

    @Test
    void everyFlippedBitIsNoticed() throws IOException {
        Seal.write(folder);
        Random random = new Random(20261128);
        long size = Files.size(folder.database());
        for (int i = 0; i < FLIPS; i++) {
            long at = random.nextLong(size);
            int bit = random.nextInt(8);
            flip(at, bit);
            assertThat(Seal.holds(folder)).isFalse();
            assertThatThrownBy(() -> Seal.open(folder))
                    .isInstanceOfAny(BrokenSealException.class, UnopenedDatabaseException.class);
            flip(at, bit);
            assertThat(Seal.holds(folder)).isTrue();
        }
    }

    @Test
    void aCutFileIsNoticed() throws IOException {
        Seal.write(folder);
        try (RandomAccessFile file = new RandomAccessFile(folder.database().toFile(), "rw")) {
            file.setLength(file.length() - 1);
        }
        assertThat(Seal.holds(folder)).isFalse();
    }

    @Test
    void itIsTakenAwayBeforeTheFileIsWrittenAgain() throws Exception {
        Seal.write(folder);
        Seal.open(folder);
        assertThat(folder.seal()).doesNotExist();
        flip(100, 3);
        // As after a kill: nothing is known of the file, and nothing is said.
        assertThatCode(() -> Seal.open(folder)).doesNotThrowAnyException();
    }

    @Test
    void aFileThatSomebodyHasOpenIsNotSealed() throws Exception {
        try (Connection connection = open()) {
            Seal.write(folder);
            assertThat(connection.isClosed()).isFalse();
            assertThat(folder.seal()).doesNotExist();
        }
        Seal.write(folder);
        assertThat(folder.seal()).exists();
    }
}
