package amberrail.app.testing;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

/** The words of screen and paper as their files have them, by keys such as {@code pocket.SW}. */
public final class ScreenWords {
    private static final Path SOURCES = Path.of("..", "ui", "src", "i18n", "words");

    private ScreenWords() {}

    /** What is said in the pool dialect. */
    public static Map<String, String> pool() {
        Map<String, String> words = new TreeMap<>();
        files().forEach((file, keys) -> {
            if (!file.endsWith("snooker.json")) {
                words.putAll(keys);
            }
        });
        return words;
    }

    /** The same with what the snooker dialect says otherwise laid over it. */
    public static Map<String, String> snooker() {
        Map<String, String> words = pool();
        words.putAll(overrides());
        return words;
    }

    /** Only what the snooker dialect says otherwise. */
    public static Map<String, String> overrides() {
        return of(SOURCES.resolve("snooker.json"));
    }

    /** Every file of words, with its own keys. */
    public static Map<Path, Map<String, String>> files() {
        Map<Path, Map<String, String>> all = new TreeMap<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            for (Path file : (Iterable<Path>) files.filter(one -> one.toString().endsWith(".json"))::iterator) {
                all.put(file, of(file));
            }
        } catch (IOException e) {
            throw new IllegalStateException("cannot read the words of the screens", e);
        }
        return all;
    }

    private static Map<String, String> of(Path file) {
        try {
            Map<String, String> words = new TreeMap<>();
            collect("", new ObjectMapper().readTree(file.toFile()), words);
            return words;
        } catch (IOException e) {
            throw new IllegalStateException("cannot read " + file, e);
        }
    }

    private static void collect(String path, JsonNode node, Map<String, String> words) {
        node.properties().forEach(field -> {
            if (field.getValue().isObject()) {
                collect(path + field.getKey() + ".", field.getValue(), words);
            } else {
                words.put(path + field.getKey(), field.getValue().asText());
            }
        });
    }
}
