package amberrail.app.drills;

import amberrail.core.drill.Drill;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** The drills that come with the program, read once from their files. */
@Component
class ShippedDrills {
    private static final String FILES = "classpath:drills/*.json";
    /** Versions that clubs have played with: their sessions go on reading as they were. */
    private static final String EARLIER = "classpath:drills/earlier/*.json";

    private final List<Drill> drills;
    private final Map<String, Drill> byId;
    private final List<Drill> earlier;

    ShippedDrills() {
        drills = readAll(FILES);
        earlier = readAll(EARLIER);
        byId = drills.stream().collect(Collectors.toMap(Drill::id, Function.identity()));
    }

    /** By title. */
    List<Drill> all() {
        return drills;
    }

    Optional<Drill> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** One version; the newest where that one was never shipped. */
    Optional<Drill> find(String id, int version) {
        return earlier.stream()
                .filter(drill -> drill.id().equals(id) && drill.version() == version)
                .findFirst()
                .or(() -> find(id));
    }

    private static List<Drill> readAll(String files) {
        try {
            return Stream.of(new PathMatchingResourcePatternResolver().getResources(files))
                    .map(ShippedDrills::read)
                    .sorted(Comparator.comparing(Drill::title))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException("the shipped drills cannot be listed", e);
        }
    }

    private static Drill read(Resource file) {
        try (InputStream in = file.getInputStream()) {
            return DrillJson.read(in);
        } catch (IOException e) {
            throw new UncheckedIOException("a shipped drill cannot be read: " + file.getFilename(), e);
        }
    }
}
