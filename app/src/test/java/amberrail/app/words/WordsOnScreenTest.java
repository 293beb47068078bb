package amberrail.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.testing.ScreenWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Words on screens, paper and in answers are plain English that a coach would say aloud, and both dialects say the same things. */
class WordsOnScreenTest {
    /** What nobody says at a table; found on screens before. */
    private static final Pattern NOBODY_SAYS = Pattern.compile(
            "\\b(in hand|mended|mend|comes? of|came of|another population|put away|nil)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern PLACEHOLDER = Pattern.compile("\\{(\\w+)}");
    private static final Pattern JAVA_TEXT = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");

    @Test
    void noScreenSaysWhatNobodySays() {
        List<String> found = new ArrayList<>();
        ScreenWords.files()
                .forEach((file, words) -> words.forEach((key, text) -> {
                    if (NOBODY_SAYS.matcher(text).find()) {
                        found.add(key + ": " + text);
                    }
                }));
        assertThat(found).isEmpty();
    }

    @Test
    void noAnswerAndNoPaperSaysWhatNobodySays() throws IOException {
        List<String> found = new ArrayList<>();
        try (Stream<Path> sources = Files.walk(Path.of("src", "main", "java"))) {
            for (Path source :
                    (Iterable<Path>) sources.filter(one -> one.toString().endsWith(".java"))::iterator) {
                Matcher text = JAVA_TEXT.matcher(Files.readString(source));
                while (text.find()) {
                    if (text.group(1).contains(" ")
                            && NOBODY_SAYS.matcher(text.group(1)).find()) {
                        found.add(source.getFileName() + ": " + text.group(1));
                    }
                }
            }
        }
        assertThat(found).isEmpty();
    }

    @Test
    void theSnookerDialectOnlySaysOtherwiseWhatThePoolDialectSays() {
        Map<String, String> pool = ScreenWords.pool();
        Map<String, String> overrides = ScreenWords.overrides();
        assertThat(pool.keySet()).hasSizeGreaterThan(500);
        assertThat(overrides.keySet()).isNotEmpty().isSubsetOf(pool.keySet());
        overrides.forEach((key, text) -> assertThat(text).as(key).isNotEqualTo(pool.get(key)));
    }

    /** A figure that one dialect leaves out is a figure that half of the readers never see. */
    @Test
    void bothDialectsTellTheSameFigures() {
        Map<String, String> pool = ScreenWords.pool();
        ScreenWords.overrides()
                .forEach((key, text) -> assertThat(placeholders(text)).as(key).isEqualTo(placeholders(pool.get(key))));
    }

    private static Set<String> placeholders(String text) {
        Set<String> names = new TreeSet<>();
        Matcher placeholder = PLACEHOLDER.matcher(text);
        while (placeholder.find()) {
            names.add(placeholder.group(1));
        }
        return names;
    }
}
