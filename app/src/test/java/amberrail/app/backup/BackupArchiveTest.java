package amberrail.app.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A backup's file, whole and in every state in which it must not be put back. */
class BackupArchiveTest {
    private static final Optional<char[]> OPEN = Optional.empty();
    private static final Optional<char[]> SECRET = Optional.of("a long enough phrase".toCharArray());

    @TempDir
    Path folder;

    private Path database;
    private Path to;

    @BeforeEach
    void somethingToPack() throws IOException {
        database = folder.resolve("database");
        to = folder.resolve("back");
        byte[] bytes = new byte[200_000];
        new Random(3).nextBytes(bytes);
        Files.write(database, bytes);
    }

    private Path packed(Optional<char[]> passphrase, int version, String format) throws IOException {
        Path file = folder.resolve("backup.zip");
        Files.deleteIfExists(file);
        BackupManifest manifest =
                new BackupManifest(format, version, 20, Instant.EPOCH, sha256(database), Map.of("people", 3L));
        new BackupArchive(file, passphrase).write(database, manifest);
        return file;
    }

    private static String sha256(Path of) throws IOException {
        return HexFormat.of().formatHex(BackupArchive.digest().digest(Files.readAllBytes(of)));
    }

    private Path packed(Optional<char[]> passphrase) throws IOException {
        return packed(passphrase, BackupManifest.VERSION, BackupManifest.FORMAT);
    }

    @Test
    void whatWasPackedComesBackByteForByte() throws Exception {
        for (Optional<char[]> passphrase : List.of(OPEN, SECRET)) {
            BackupManifest told = new BackupArchive(packed(passphrase), passphrase).extract(to);
            assertThat(told.counts()).containsEntry("people", 3L);
            assertThat(Files.mismatch(database, to)).isEqualTo(-1);
        }
    }

    private void refused(Path file, Optional<char[]> passphrase, String why) {
        assertThatThrownBy(() -> new BackupArchive(file, passphrase).extract(to))
                .isInstanceOf(BackupRefused.class)
                .hasMessageContaining(why);
    }

    @Test
    void withoutItsPassphraseItStaysShut() throws Exception {
        Path file = packed(SECRET);
        refused(file, OPEN, "--passphrase-file");
        refused(file, Optional.of("another long phrase".toCharArray()), "passphrase is not that of");
        assertThat(new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1))
                .doesNotContain("people");
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.1, 0.5, 0.99})
    void aFileThatWasCutIsRefused(double share) throws Exception {
        Path file = packed(OPEN);
        byte[] all = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(all, (int) (share * all.length)));
        refused(file, OPEN, "backup");
    }

    @Test
    void aFlippedBitAnywhereInTheDatabaseIsNoticed() throws Exception {
        Random random = new Random(4);
        for (Optional<char[]> passphrase : List.of(OPEN, SECRET)) {
            for (int i = 0; i < 20; i++) {
                Path file = packed(passphrase);
                byte[] all = Files.readAllBytes(file);
                int at = 5_000 + random.nextInt(190_000);
                all[at] ^= (byte) (1 << random.nextInt(8));
                Files.write(file, all);
                refused(file, passphrase, "damaged");
            }
        }
    }

    @Test
    void foreignAndNewerFilesAreRefused() throws Exception {
        Path foreign = folder.resolve("foreign.zip");
        try (OutputStream out = Files.newOutputStream(foreign);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("holiday.jpg"));
        }
        refused(foreign, OPEN, "no backup of Amber Rail");
        refused(packed(OPEN, 1, "some-other-thing"), OPEN, "no backup of Amber Rail");
        refused(packed(OPEN, 2, BackupManifest.FORMAT), OPEN, "newer Amber Rail");
    }
}
