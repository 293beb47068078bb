package amberrail.e2e.support;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The made-up club, played once for each length of its past; every server that wants it starts on a copy of its folder. */
public final class DemoClub {
    private DemoClub() {}

    /** A server on the club with this many weeks of practice behind it, its data a copy of its own. */
    public static Server start(Path data, int weeks) {
        copy(Prepared.folder("demo-" + weeks, folder -> make(folder, weeks)), data);
        return Server.start(data, arguments(weeks));
    }

    private static void make(Path folder, int weeks) {
        Server server = Server.startPacked(folder, arguments(weeks));
        // What it works out behind its start is kept with its data: else each copy would work it out again.
        server.awaitQuiet();
        server.stop();
    }

    private static String[] arguments(int weeks) {
        return new String[] {"--spring.profiles.active=demo", "--amber.demo-weeks=" + weeks};
    }

    private static void copy(Path from, Path to) {
        try (Stream<Path> all = Files.walk(from)) {
            List<Path> files = all.toList();
            for (Path file : files) {
                Files.copy(file, to.resolve(from.relativize(file)));
            }
        } catch (IOException e) {
            throw new IllegalStateException("the demo club cannot be copied", e);
        }
    }
}
