package amberrail.app.doctor;

import amberrail.app.backup.BackupArchive;
import amberrail.app.backup.BackupFolder;
import amberrail.app.backup.BackupRefused;
import amberrail.app.storage.DataFolder;
import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** One look at each thing. Nothing is changed but a file that is written and taken away again, to see whether that can be done. */
final class Checks {
    private static final int NEEDED_JAVA = 17;
    private static final long MEGABYTE = 1_000_000;
    private static final long LITTLE_ROOM = 1_000 * MEGABYTE;
    private static final long NO_ROOM = 100 * MEGABYTE;
    private static final Duration BACKUP_IS_OLD = Duration.ofDays(2);
    /** Clocks of devices are a little apart; more than this and the computer's is wrong. */
    private static final Duration CLOCK_SLACK = Duration.ofMinutes(10);

    private final DataFolder folder;
    private final Path backups;
    private final Optional<Path> passphrase;
    private final Instant now;

    Checks(DataFolder folder, Path backups, Optional<Path> passphrase, Instant now) {
        this.folder = folder;
        this.backups = backups;
        this.passphrase = passphrase;
        this.now = now;
    }

    List<Finding> all() {
        List<Finding> found = new ArrayList<>();
        found.add(java());
        found.add(memory());
        found.addAll(folder());
        found.add(room());
        Optional<DatabaseState> state = database(found);
        found.add(clock(state.flatMap(DatabaseState::newest)));
        found.add(backup());
        return found;
    }

    private static Finding java() {
        int version = Runtime.version().feature();
        return version >= NEEDED_JAVA
                ? Finding.good("Java " + Runtime.version() + ".")
                : Finding.wrong(
                        "Java " + version + " is too old.",
                        "Install a Java of version " + NEEDED_JAVA
                                + " or newer: sudo apt-get install openjdk-17-jre-headless");
    }

    private static Finding memory() {
        long most = Runtime.getRuntime().maxMemory() / MEGABYTE;
        return most >= 400
                ? Finding.good(most + " MB of memory for the server.")
                : Finding.look(
                        "Only " + most + " MB of memory for the server.", "512 MB are enough for a club: -Xmx512m.");
    }

    private List<Finding> folder() {
        Path path = folder.path();
        if (!Files.exists(path)) {
            return List.of(Finding.good("The data folder " + path + " does not exist yet; the first start makes it."));
        }
        List<Finding> found = new ArrayList<>();
        Path probe = path.resolve("amber-rail.doctor");
        try {
            Files.writeString(probe, "");
            Files.delete(probe);
            found.add(Finding.good("The data folder " + path + " can be written."));
        } catch (IOException e) {
            found.add(Finding.wrong(
                    "The data folder " + path + " cannot be written ("
                            + e.getClass().getSimpleName() + ").",
                    "Give it to the user who runs the server: sudo chown -R USER " + path));
        }
        othersMayRead(path).ifPresent(found::add);
        return found;
    }

    private static Optional<Finding> othersMayRead(Path path) {
        try {
            Set<PosixFilePermission> rights = Files.getPosixFilePermissions(path, LinkOption.NOFOLLOW_LINKS);
            return rights.contains(PosixFilePermission.OTHERS_READ) || rights.contains(PosixFilePermission.GROUP_READ)
                    ? Optional.of(Finding.look(
                            "Other users of this computer can look into " + path + ".", "chmod 700 " + path))
                    : Optional.empty();
        } catch (IOException | UnsupportedOperationException notKnown) {
            return Optional.empty();
        }
    }

    private Finding room() {
        try {
            FileStore disk = Files.getFileStore(existing(folder.path()));
            long free = disk.getUsableSpace();
            String sentence = free / MEGABYTE + " MB are free on the disk of the data folder";
            if (free < NO_ROOM) {
                return Finding.wrong(
                        sentence + ": the server takes nothing new.", "Make room, or move the data folder.");
            }
            return free < LITTLE_ROOM
                    ? Finding.look(sentence + ".", "Make room: a backup needs as much as the database once more.")
                    : Finding.good(sentence + ".");
        } catch (IOException e) {
            return Finding.look("How much room there is on the disk cannot be told: " + e.getMessage() + ".", "");
        }
    }

    private static Path existing(Path path) {
        Path one = path.toAbsolutePath();
        while (!Files.exists(one)) {
            one = one.getParent();
        }
        return one;
    }

    private Optional<DatabaseState> database(List<Finding> found) {
        if (!Files.exists(folder.database())) {
            found.add(Finding.good("There is no database yet."));
            return Optional.empty();
        }
        DatabaseState state = DatabaseState.of(folder);
        found.add(
                switch (state.kind()) {
                    case GOOD -> Finding.good("The database opens: " + state.sentence() + ".");
                    case IN_USE ->
                        Finding.good("A server is running on this data folder, so the database was not opened.");
                    case NEWER ->
                        Finding.wrong(
                                "The database was written by a newer Amber Rail.",
                                "Install that version, or a newer one.");
                    case CHANGED_OUTSIDE ->
                        Finding.wrong(
                                "The database file is not as the server left it.",
                                "Something wrote into it or the disk is failing. Put the newest backup back with ./amber restore FILE.");
                    case DAMAGED ->
                        Finding.wrong(
                                "The database cannot be opened: it is damaged.",
                                "Put the newest backup back with ./amber restore FILE; the damaged file is kept aside.");
                });
        return Optional.of(state);
    }

    private Finding clock(Optional<Instant> newest) {
        return newest.filter(last -> last.isAfter(now.plus(CLOCK_SLACK)))
                .map(last -> Finding.wrong(
                        "This computer's clock says " + now + ", and the newest record is of " + last + ".",
                        "Set the clock: sudo timedatectl set-ntp true"))
                .orElseGet(() -> Finding.good("The clock says " + now + "."));
    }

    private Finding backup() {
        Optional<BackupFolder.Kept> newest;
        try {
            newest = new BackupFolder(backups).all().stream().findFirst();
        } catch (IOException e) {
            return Finding.wrong("The backups in " + backups + " cannot be listed: " + e.getMessage() + ".", "");
        }
        if (newest.isEmpty()) {
            return Finding.look(
                    "There is no backup in " + backups + ".",
                    "A running server makes one a day; the head coach can make one now, under Settings.");
        }
        Path file = backups.resolve(newest.get().name());
        Duration age = Duration.between(newest.get().madeAt(), now);
        if (age.compareTo(BACKUP_IS_OLD) > 0) {
            return Finding.look(
                    "The newest backup is " + age.toDays() + " days old: " + file + ".",
                    "A running server makes one a day. Look in its log why it does not.");
        }
        try {
            BackupArchive.check(file, passphrase);
            return Finding.good(
                    "The newest backup opens: " + file + ", of " + newest.get().madeAt() + ".");
        } catch (BackupRefused | IOException e) {
            return Finding.wrong(
                    "The newest backup does not open. " + e.getMessage(),
                    "Make another one at once, under Settings, and look at the disk it lies on.");
        }
    }
}
