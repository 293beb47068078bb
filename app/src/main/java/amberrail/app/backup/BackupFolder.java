package amberrail.app.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Where backups lie, and what their names say: only whole, verified ones have such a name. */
public final class BackupFolder {
    private static final String PREFIX = "amber-rail-";
    private static final String ENDING = ".zip";
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmss'Z'").withZone(ZoneOffset.UTC);

    private final Path path;

    public BackupFolder(Path path) {
        this.path = path;
    }

    /** @param bytes its size */
    public record Kept(String name, Instant madeAt, long bytes) {}

    Path path() {
        return path;
    }

    Path of(Instant madeAt) {
        return path.resolve(PREFIX + STAMP.format(madeAt) + ENDING);
    }

    /** Newest first; empty where there is no folder yet. */
    public List<Kept> all() throws IOException {
        if (!Files.isDirectory(path)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(path)) {
            List<Path> named = files.filter(Files::isRegularFile)
                    .filter(file -> madeAt(file).isPresent())
                    .toList();
            List<Kept> kept = new ArrayList<>();
            for (Path file : named) {
                kept.add(new Kept(file.getFileName().toString(), madeAt(file).orElseThrow(), Files.size(file)));
            }
            kept.sort(Comparator.comparing(Kept::madeAt).reversed());
            return kept;
        }
    }

    private static Optional<Instant> madeAt(Path file) {
        String name = file.getFileName().toString();
        if (!name.startsWith(PREFIX) || !name.endsWith(ENDING)) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    Instant.from(STAMP.parse(name.substring(PREFIX.length(), name.length() - ENDING.length()))));
        } catch (DateTimeParseException notOurs) {
            return Optional.empty();
        }
    }

    /** What the rule does not keep goes. */
    void prune() throws IOException {
        List<Kept> all = all();
        Set<Instant> kept = BackupRule.kept(all.stream().map(Kept::madeAt).collect(Collectors.toSet()));
        for (Kept one : all) {
            if (!kept.contains(one.madeAt())) {
                Files.delete(path.resolve(one.name()));
            }
        }
    }
}
