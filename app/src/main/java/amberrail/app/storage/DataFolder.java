package amberrail.app.storage;

import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** The names in a data folder, and that nobody but its owner can read them. */
public record DataFolder(Path path) {
    private static final String NAME = "amber-rail";
    /** What may lie there before there is a club: keys for TLS, and what a first start leaves that was broken off. */
    private static final List<String> NO_DATA =
            List.of("tls", NAME + ".migrating", "amber-write-check", NAME + ".mv.db");

    private static final Set<PosixFilePermission> OWNER_ONLY = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> OWNER_ONLY_FOLDER = PosixFilePermissions.fromString("rwx------");

    public Path database() {
        return path.resolve(NAME + ".mv.db");
    }

    /** The copy that a migration works on. */
    Path migrating() {
        return path.resolve(NAME + ".migrating.mv.db");
    }

    public Path schemaMarker() {
        return path.resolve(NAME + ".schema");
    }

    /** The database as it was before it was brought to this version. */
    Path before(int version) {
        return path.resolve(NAME + ".before-V" + String.format("%03d", version) + ".mv.db");
    }

    boolean isCopyFromBefore(Path file) {
        return file.getFileName().toString().startsWith(NAME + ".before-V");
    }

    /** Lies there when the database is to be written anew at the next start. */
    Path compactionWanted() {
        return path.resolve(NAME + ".compact");
    }

    /** What the file came to when it was closed ({@link Seal}). */
    Path seal() {
        return path.resolve(NAME + ".seal");
    }

    /** A backup that has been checked and is to take the database's place. */
    public Path restoring() {
        return path.resolve(NAME + ".restoring.mv.db");
    }

    /** The database as it was when a backup took its place. */
    Path replaced(String stamp) {
        return path.resolve(NAME + ".replaced-" + stamp + ".mv.db");
    }

    boolean isReplaced(Path file) {
        return file.getFileName().toString().startsWith(NAME + ".replaced-");
    }

    /** Lies there when that is to happen at the next start. */
    public Path restoreWanted() {
        return path.resolve(NAME + ".restore");
    }

    /** Hashes of accounts that were erased before a backup was put back; read by the next start. */
    public Path erasedBefore() {
        return path.resolve(NAME + ".erased");
    }

    String url(Path database) {
        return urlOf(database);
    }

    /** How H2 opens a file. */
    public static String urlOf(Path database) {
        String file = database.toString();
        return "jdbc:h2:file:" + file.substring(0, file.length() - ".mv.db".length()) + DatabaseUrl.OPTIONS;
    }

    /** Whether something lies here that only a club that was used before can have left. */
    boolean wasUsed() throws IOException {
        try (Stream<Path> files = Files.list(path)) {
            return files.map(file -> file.getFileName().toString())
                    .anyMatch(name -> NO_DATA.stream().noneMatch(name::startsWith));
        }
    }

    public void ownersOnly() throws IOException {
        FileStore store = Files.getFileStore(path);
        if (!store.supportsFileAttributeView("posix")) {
            return;
        }
        Files.setPosixFilePermissions(path, OWNER_ONLY_FOLDER);
        List<Path> files;
        try (Stream<Path> all = Files.list(path)) {
            files = all.filter(Files::isRegularFile).toList();
        }
        for (Path file : files) {
            Files.setPosixFilePermissions(file, OWNER_ONLY);
        }
    }
}
