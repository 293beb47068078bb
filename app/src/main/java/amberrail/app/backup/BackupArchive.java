package amberrail.app.backup;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import net.lingala.zip4j.ZipFile;
import net.lingala.zip4j.exception.ZipException;
import net.lingala.zip4j.model.FileHeader;
import net.lingala.zip4j.model.ZipParameters;
import net.lingala.zip4j.model.enums.AesKeyStrength;
import net.lingala.zip4j.model.enums.CompressionLevel;
import net.lingala.zip4j.model.enums.EncryptionMethod;

/** A backup's file: a zip of the database and what it says of itself; with a passphrase by AES-256, as other programs read it too. */
public final class BackupArchive {
    private static final String MANIFEST = "manifest.json";
    static final String DATABASE = "amber-rail.mv.db";
    private static final ObjectMapper JSON =
            JsonMapper.builder().addModule(new JavaTimeModule()).build();

    private final Path file;
    private final Optional<char[]> passphrase;

    BackupArchive(Path file, Optional<char[]> passphrase) {
        this.file = file;
        this.passphrase = passphrase;
    }

    /** Opens a backup and compares its database with what it says, in a file of its own that goes again. */
    public static void check(Path file, Optional<Path> passphraseFile) throws BackupRefused, IOException {
        Path whole = Files.createTempFile("amber-rail-check", ".mv.db");
        try {
            new BackupArchive(file, Passphrase.in(passphraseFile)).extract(whole);
        } finally {
            Files.delete(whole);
        }
    }

    void write(Path database, BackupManifest manifest) throws IOException {
        try (ZipFile zip = open()) {
            zip.addStream(new ByteArrayInputStream(JSON.writeValueAsBytes(manifest)), named(MANIFEST));
            zip.addFile(database.toFile(), named(DATABASE));
        }
    }

    /** To a zip that holds the database already. */
    void add(BackupManifest manifest) throws IOException {
        try (ZipFile zip = open()) {
            zip.addStream(new ByteArrayInputStream(JSON.writeValueAsBytes(manifest)), named(MANIFEST));
        }
    }

    private ZipFile open() {
        return passphrase.isPresent() ? new ZipFile(file.toFile(), passphrase.get()) : new ZipFile(file.toFile());
    }

    private ZipParameters named(String name) {
        ZipParameters parameters = new ZipParameters();
        parameters.setFileNameInZip(name);
        // A database is packed within the file already; trying harder wins little and takes three times as long.
        parameters.setCompressionLevel(CompressionLevel.FASTEST);
        if (passphrase.isPresent()) {
            parameters.setEncryptFiles(true);
            parameters.setEncryptionMethod(EncryptionMethod.AES);
            parameters.setAesKeyStrength(AesKeyStrength.KEY_STRENGTH_256);
        }
        return parameters;
    }

    /** What it says of itself, and its database written there, held to what it says. */
    BackupManifest extract(Path to) throws BackupRefused {
        try (ZipFile zip = open()) {
            if (!zip.isValidZipFile()) {
                throw new BackupRefused(file + " is no backup, or only part of one: it cannot be opened as a zip.");
            }
            FileHeader told = zip.getFileHeader(MANIFEST);
            FileHeader database = zip.getFileHeader(DATABASE);
            if (told == null || database == null) {
                throw new BackupRefused(file + " is a zip, but no backup of Amber Rail.");
            }
            if (told.isEncrypted() && passphrase.isEmpty()) {
                throw new BackupRefused(
                        file + " is encrypted. Say where its passphrase stands, with --passphrase-file FILE.");
            }
            BackupManifest manifest = manifest(zip, told);
            String sha256 = copy(zip, database, to);
            if (!sha256.equals(manifest.sha256())) {
                throw new BackupRefused(
                        file + " is damaged: its database is not the one that was written. Use another backup.");
            }
            return manifest;
        } catch (ZipException e) {
            throw new BackupRefused(
                    e.getType() == ZipException.Type.WRONG_PASSWORD
                            ? "The passphrase is not that of " + file + "."
                            : file + " is damaged (" + e.getMessage() + "). Use another backup.",
                    e);
        } catch (IOException e) {
            throw new BackupRefused(
                    file + " is damaged or cannot be read (" + e.getMessage() + "). Use another backup.", e);
        }
    }

    private BackupManifest manifest(ZipFile zip, FileHeader told) throws IOException, BackupRefused {
        BackupManifest manifest;
        try (InputStream in = zip.getInputStream(told)) {
            manifest = JSON.readValue(in, BackupManifest.class);
        }
        if (!BackupManifest.FORMAT.equals(manifest.format())) {
            throw new BackupRefused(file + " is no backup of Amber Rail.");
        }
        if (manifest.version() > BackupManifest.VERSION) {
            throw new BackupRefused(file + " was written by a newer Amber Rail. Install that version, then restore.");
        }
        return manifest;
    }

    private static String copy(ZipFile zip, FileHeader entry, Path to) throws IOException {
        MessageDigest digest = digest();
        try (InputStream in = zip.getInputStream(entry);
                OutputStream out = new DigestOutputStream(Files.newOutputStream(to), digest)) {
            in.transferTo(out);
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
