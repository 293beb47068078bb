package amberrail.app.installation;

import amberrail.app.backup.RecordCounts;
import amberrail.app.people.SecretToken;
import amberrail.app.storage.DataFolder;
import amberrail.app.storage.DatabaseUrl;
import amberrail.app.storage.SchemaVersions;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;

/**
 * {@code ./amber take-in FILE}: a whole installation read into an empty data folder. It is written into a file beside the database's place and takes
 * that place when everything is in it, counted and whole. Passwords stay behind: the head coach comes in by a one-time link.
 */
public final class TakeInCommand {
    private static final int LINK_GOOD_FOR_DAYS = 14;

    private final Path file;
    private final DataFolder folder;
    private final PrintStream out;

    private TakeInCommand(Path file, DataFolder folder, PrintStream out) {
        this.file = file;
        this.folder = folder;
        this.out = out;
    }

    /** {@code FILE [--data FOLDER]}; 0 where it was taken in. */
    public static int run(List<String> arguments, PrintStream out) {
        Path file = null;
        Path data = Path.of("amber-data");
        for (int i = 0; i < arguments.size(); i++) {
            if (arguments.get(i).equals("--data") && i + 1 < arguments.size()) {
                data = Path.of(arguments.get(++i));
            } else {
                file = Path.of(arguments.get(i));
            }
        }
        if (file == null) {
            out.println("Which installation? ./amber take-in FILE [--data FOLDER]");
            return 2;
        }
        try {
            new TakeInCommand(file, new DataFolder(data.toAbsolutePath().normalize()), out).run();
            return 0;
        } catch (InstallationRefused e) {
            out.println(e.getMessage());
            return 1;
        } catch (IOException | SQLException e) {
            out.println("The installation was not taken in: " + e.getMessage());
            return 1;
        }
    }

    private void run() throws InstallationRefused, IOException, SQLException {
        if (Files.exists(folder.database())) {
            throw new InstallationRefused(
                    "There is a club in " + folder.path() + " already. Choose an empty folder with --data.", null);
        }
        Files.createDirectories(folder.path());
        Path taking = folder.path().resolve("amber-rail.taking-in.mv.db");
        Files.deleteIfExists(taking);
        try (InstallationReader reader = new InstallationReader(file)) {
            InstallationManifest manifest = reader.checked();
            if (manifest.schema() > SchemaVersions.newest()) {
                throw new InstallationRefused(
                        file + " was written by a newer Amber Rail. Install that version, then read it.", null);
            }
            String url = DataFolder.urlOf(taking);
            Flyway.configure()
                    .dataSource(url, DatabaseUrl.USER, DatabaseUrl.PASSWORD)
                    .locations("classpath:db/migration")
                    .target(Integer.toString(manifest.schema()))
                    .load()
                    .migrate();
            String link;
            Map<String, Long> counts;
            try (Connection connection = DriverManager.getConnection(url, DatabaseUrl.USER, DatabaseUrl.PASSWORD)) {
                reader.into(connection, manifest);
                link = linkForTheHeadCoach(connection);
                counts = RecordCounts.of(connection);
                // Written anew in one piece: a file that was filled at once holds much that is of no use any more.
                try (Statement statement = connection.createStatement()) {
                    statement.execute("shutdown compact");
                }
            }
            requireReadBack(url, counts);
            Files.move(taking, folder.database(), StandardCopyOption.ATOMIC_MOVE);
            folder.ownersOnly();
            out.println("Taken in, as of " + manifest.madeAt() + ": " + RecordCounts.sentence(counts) + ".");
            out.println("Passwords stayed behind. Start the server; the head coach comes in by the address /invitation/"
                    + link + " (good for " + LINK_GOOD_FOR_DAYS
                    + " days) and makes links for everybody else.");
        } finally {
            Files.deleteIfExists(taking);
        }
    }

    /** What was closed can be opened again, and everything is in it: the same as of a backup is asked before its name is given. */
    private static void requireReadBack(String url, Map<String, Long> counts) throws InstallationRefused {
        try (Connection connection = DriverManager.getConnection(url, DatabaseUrl.USER, DatabaseUrl.PASSWORD)) {
            if (RecordCounts.of(connection).equals(counts)) {
                return;
            }
        } catch (SQLException e) {
            throw new InstallationRefused(
                    "What was written could not be read back. Nothing was taken in; try again.", e);
        }
        throw new InstallationRefused("Not everything could be read back. Nothing was taken in; try again.", null);
    }

    private static String linkForTheHeadCoach(Connection connection) throws SQLException {
        String token = SecretToken.make();
        try (Statement statement = connection.createStatement();
                PreparedStatement insert = connection.prepareStatement(
                        "insert into invitation (token_hash, account_id, expires_at) select ?, account_id, ? from club_founder")) {
            statement.execute("update account set sign_in_name = concat('invited-', id) where password_hash is null");
            insert.setString(1, SecretToken.hash(token));
            insert.setObject(
                    2,
                    Instant.now()
                            .plus(LINK_GOOD_FOR_DAYS, ChronoUnit.DAYS)
                            .truncatedTo(ChronoUnit.MILLIS)
                            .atOffset(ZoneOffset.UTC));
            insert.executeUpdate();
        }
        return token;
    }
}
