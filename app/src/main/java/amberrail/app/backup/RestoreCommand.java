package amberrail.app.backup;

import amberrail.app.storage.DataFolder;
import amberrail.app.storage.DatabaseUrl;
import amberrail.app.storage.PutBack;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * {@code ./amber restore FILE}: says what is in a backup and what is there now, keeps what is there aside, and puts the backup in its place. Nothing
 * is touched before the backup has been opened, compared and counted.
 */
public final class RestoreCommand {
    private static final int DATABASE_IN_USE = 90020;

    private final Path file;
    private final DataFolder folder;
    private final Optional<Path> passphraseFile;
    private final boolean sure;
    private final PrintStream out;

    private RestoreCommand(Path file, DataFolder folder, Optional<Path> passphraseFile, boolean sure, PrintStream out) {
        this.file = file;
        this.folder = folder;
        this.passphraseFile = passphraseFile;
        this.sure = sure;
        this.out = out;
    }

    /** {@code FILE [--data FOLDER] [--passphrase-file FILE] [--yes]}; 0 where it was put back. */
    public static int run(List<String> arguments, PrintStream out) {
        try {
            return parsed(arguments, out).run();
        } catch (BackupRefused e) {
            out.println(e.getMessage());
            return 1;
        } catch (IOException | SQLException e) {
            out.println("The backup was not put back: " + e.getMessage() + " What was there is as it was.");
            return 1;
        }
    }

    private static RestoreCommand parsed(List<String> arguments, PrintStream out) throws BackupRefused {
        Path file = null;
        Path data = Path.of("amber-data");
        Path passphrase = null;
        boolean sure = false;
        for (int i = 0; i < arguments.size(); i++) {
            String one = arguments.get(i);
            boolean takesNext = one.equals("--data") || one.equals("--passphrase-file");
            if (takesNext && i + 1 == arguments.size()) {
                throw new BackupRefused(one + " needs a place after it.");
            }
            if (one.equals("--data")) {
                data = Path.of(arguments.get(++i));
            } else if (one.equals("--passphrase-file")) {
                passphrase = Path.of(arguments.get(++i));
            } else if (one.equals("--yes")) {
                sure = true;
            } else {
                file = Path.of(one);
            }
        }
        if (file == null) {
            throw new BackupRefused(
                    "Which backup? ./amber restore FILE [--data FOLDER] [--passphrase-file FILE] [--yes]");
        }
        return new RestoreCommand(
                file, new DataFolder(data.toAbsolutePath().normalize()), Optional.ofNullable(passphrase), sure, out);
    }

    private int run() throws BackupRefused, IOException, SQLException {
        PreparedBackup prepared = PreparedBackup.of(folder, file, Passphrase.in(passphraseFile));
        try {
            out.println("The backup of " + prepared.manifest().madeAt() + ": "
                    + RecordCounts.sentence(prepared.counts()) + ".");
            boolean there = Files.exists(folder.database());
            List<String> erased = there ? lookAtWhatIsThere() : List.of();
            if (!sure) {
                out.println(
                        "Nothing was changed. To put the backup in place of what is there, say it again with --yes.");
                return 2;
            }
            replace(erased);
            return 0;
        } finally {
            prepared.drop();
        }
    }

    /** Says it, and who was erased since: they must not come back with the backup. A database that cannot be opened may be replaced all the same. */
    private List<String> lookAtWhatIsThere() throws BackupRefused {
        try {
            requireNobodyUsesIt();
            out.println("There now: " + RecordCounts.sentence(RecordCounts.of(folder.database())) + ".");
            return erased();
        } catch (SQLException e) {
            if (e.getErrorCode() == DATABASE_IN_USE) {
                throw new BackupRefused("Amber Rail is running on " + folder.path() + ". Stop it first.", e);
            }
            out.println("There now: a database that cannot be opened.");
            return List.of();
        }
    }

    private void requireNobodyUsesIt() throws SQLException {
        try (Connection connection = open(folder.database())) {
            connection.getMetaData();
        }
    }

    private List<String> erased() throws SQLException {
        List<String> erased = new ArrayList<>();
        try (Connection connection = open(folder.database());
                Statement statement = connection.createStatement()) {
            try (ResultSet table = connection.getMetaData().getTables(null, "PUBLIC", "ERASED_ACCOUNT", null)) {
                if (!table.next()) {
                    return erased;
                }
            }
            try (ResultSet row = statement.executeQuery("select account_hash from erased_account")) {
                while (row.next()) {
                    erased.add(row.getString(1));
                }
            }
        }
        return erased;
    }

    private static Connection open(Path database) throws SQLException {
        return DriverManager.getConnection(
                DataFolder.urlOf(database) + ";IFEXISTS=TRUE", DatabaseUrl.USER, DatabaseUrl.PASSWORD);
    }

    private void replace(List<String> erased) throws IOException {
        if (!erased.isEmpty()) {
            Files.write(folder.erasedBefore(), erased, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
        }
        PutBack.now(folder).ifPresent(aside -> out.println("What was there is kept as " + aside + "."));
        out.println("The backup is in its place. Start the server as usual.");
    }
}
