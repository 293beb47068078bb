package amberrail.app.doctor;

import amberrail.app.storage.DataFolder;
import java.io.PrintStream;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** {@code ./amber doctor}: 0 where nothing is wrong, 1 where something is, 2 where the question is. */
public final class DoctorCommand {
    private DoctorCommand() {}

    /** {@code [--data FOLDER] [--backups FOLDER] [--backup-passphrase-file FILE]}. */
    public static int run(List<String> arguments, PrintStream out) {
        Path data = Path.of("amber-data");
        Optional<Path> backups = Optional.empty();
        Optional<Path> passphrase = Optional.empty();
        for (int i = 0; i < arguments.size(); i += 2) {
            if (i + 1 == arguments.size()) {
                return question(out);
            }
            Path place = Path.of(arguments.get(i + 1));
            switch (arguments.get(i)) {
                case "--data" -> data = place;
                case "--backups" -> backups = Optional.of(place);
                case "--backup-passphrase-file" -> passphrase = Optional.of(place);
                default -> {
                    return question(out);
                }
            }
        }
        DataFolder folder = new DataFolder(data.toAbsolutePath().normalize());
        List<Finding> found = new Checks(
                        folder, backups.orElseGet(() -> folder.path().resolve("backups")), passphrase, Instant.now())
                .all();
        found.forEach(out::println);
        boolean wrong = found.stream().anyMatch(one -> one.state() == Finding.State.WRONG);
        out.println(wrong ? "Something is wrong; see above." : "Nothing is wrong.");
        return wrong ? 1 : 0;
    }

    private static int question(PrintStream out) {
        out.println("./amber doctor [--data FOLDER] [--backups FOLDER] [--backup-passphrase-file FILE]");
        return 2;
    }
}
