package amberrail.app.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Puts a prepared backup in the place of the database, which is kept aside. Each step is one rename, and whatever moment it is stopped at, the next
 * start goes on from there.
 */
public final class PutBack {
    private static final Logger LOG = LoggerFactory.getLogger(PutBack.class);
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);

    private static final Duration KEPT_ASIDE = Duration.ofDays(31);

    private PutBack() {}

    /** Where what was there is kept now; empty where nothing was. */
    public static Optional<Path> now(DataFolder folder) throws IOException {
        Optional<Path> aside = Optional.empty();
        if (Files.exists(folder.database())) {
            aside = Optional.of(folder.replaced(STAMP.format(Instant.now())));
            Files.move(folder.database(), aside.get(), StandardCopyOption.ATOMIC_MOVE);
        }
        Files.deleteIfExists(folder.schemaMarker());
        Seal.lift(folder);
        Files.move(folder.restoring(), folder.database(), StandardCopyOption.ATOMIC_MOVE);
        folder.ownersOnly();
        return aside;
    }

    /** What was replaced is kept for as long as a month's backups, so that whoever is erased is not found in it for ever. */
    static void dropOld(DataFolder folder) throws IOException {
        Instant before = Instant.now().minus(KEPT_ASIDE);
        List<Path> old;
        try (Stream<Path> files = Files.list(folder.path())) {
            old = files.filter(folder::isReplaced).toList();
        }
        for (Path file : old) {
            if (Files.getLastModifiedTime(file).toInstant().isBefore(before)) {
                Files.delete(file);
                LOG.info("{} was older than a month and is gone", file);
            }
        }
    }

    /** Where somebody asked for it in a browser before the server was stopped. */
    static void ifWanted(DataFolder folder) throws IOException {
        if (Files.notExists(folder.restoreWanted())) {
            return;
        }
        if (Files.exists(folder.restoring())) {
            Optional<Path> aside = now(folder);
            LOG.warn(
                    "a backup was put back; what was there is {}",
                    aside.map(Path::toString).orElse("gone before"));
        }
        Files.delete(folder.restoreWanted());
    }
}
