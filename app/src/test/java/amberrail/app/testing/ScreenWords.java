package amberrail.app.testing;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The words of the screens as the front end has them, read from its sources: what paper and reports say is held to them.
 *
 * <p>Keys are the names of the nested blocks joined by dots, such as {@code pocket.SW}.
 */
public final class ScreenWords {
    private static final Path SOURCES = Path.of("..", "ui", "src", "i18n");
    private static final Pattern TOKEN = Pattern.compile(
            "(?:export const (?<constant>\\w+) = \\{)|(?<key>[A-Za-z_]\\w*)\\s*:\\s*\\{|(?<name>[A-Za-z_]\\w*)\\s*:\\s*"
                    + "(?:'(?<single>(?:[^'\\\\]|\\\\.)*)'|\"(?<double>(?:[^\"\\\\]|\\\\.)*)\"|`(?<tick>[^`]*)`)|(?<open>\\{)|(?<close>})"
                    + "|(?<other>'(?:[^'\\\\]|\\\\.)*'|\"(?:[^\"\\\\]|\\\\.)*\")|(?<comment>//[^\\n]*)");

    private static final List<String> DIALECTS = List.of("pool", "snooker");

    private ScreenWords() {}

    /** What a screen in the pool dialect says, by key. */
    public static Map<String, String> pool() {
        Map<String, String> words = new TreeMap<>();
        files().forEach((file, keys) -> {
            if (!file.endsWith("snooker.ts")) {
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
        return of(SOURCES.resolve("snooker.ts"));
    }

    /** Every file of words, with its own keys. */
    public static Map<Path, Map<String, String>> files() {
        Map<Path, Map<String, String>> all = new TreeMap<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            for (Path file : (Iterable<Path>) files.filter(one -> one.toString().endsWith(".ts"))::iterator) {
                all.put(file, of(file));
            }
        } catch (IOException e) {
            throw new IllegalStateException("cannot read the words of the screens", e);
        }
        return all;
    }

    private static Map<String, String> of(Path file) {
        try {
            return read(Files.readString(file));
        } catch (IOException e) {
            throw new IllegalStateException("cannot read " + file, e);
        }
    }

    private static Map<String, String> read(String source) {
        Map<String, String> words = new TreeMap<>();
        List<String> path = new ArrayList<>();
        Matcher token = TOKEN.matcher(source);
        while (token.find()) {
            if (token.group("constant") != null) {
                path.add(DIALECTS.contains(token.group("constant")) ? "" : token.group("constant"));
            } else if (token.group("key") != null) {
                path.add(token.group("key"));
            } else if (token.group("open") != null) {
                path.add("");
            } else if (token.group("close") != null) {
                path.remove(path.size() - 1);
            } else if (token.group("name") != null) {
                words.put(key(path, token.group("name")), text(token));
            }
        }
        return words;
    }

    private static String key(List<String> path, String name) {
        return Stream.concat(path.stream(), Stream.of(name))
                .filter(step -> !step.isEmpty())
                .reduce((all, step) -> all + "." + step)
                .orElseThrow();
    }

    private static String text(Matcher token) {
        for (String quotes : List.of("single", "double", "tick")) {
            if (token.group(quotes) != null) {
                return token.group(quotes).replace("\\'", "'").replace("\\n", "\n");
            }
        }
        throw new IllegalStateException("no text in " + token.group());
    }
}
