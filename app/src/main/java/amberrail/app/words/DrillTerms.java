package amberrail.app.words;

import amberrail.app.people.Preferences.Dialect;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.core.io.ClassPathResource;

/**
 * Shipped drills are written once; what the two games call differently ("draw", "screw") is said in the reader's dialect, on paper as on screen: both
 * read {@code words/terms.json}.
 */
public final class DrillTerms {
    private static final String[][] PAIRS = read();
    private static final Map<String, String> SNOOKER_BY_POOL = byTerm(0);
    private static final Map<String, String> POOL_BY_SNOOKER = byTerm(1);

    private DrillTerms() {}

    /** The text with each term as this dialect says it, a capital where there was one. */
    public static String inDialect(String text, Dialect dialect) {
        Map<String, String> known = dialect == Dialect.SNOOKER ? SNOOKER_BY_POOL : POOL_BY_SNOOKER;
        return Pattern.compile("\\b(" + String.join("|", known.keySet()) + ")\\b", Pattern.CASE_INSENSITIVE)
                .matcher(text)
                .replaceAll(found -> Matcher.quoteReplacement(asBegun(known, found.group())));
    }

    private static String asBegun(Map<String, String> known, String found) {
        String other = known.get(found.toLowerCase(Locale.ROOT));
        return Character.isUpperCase(found.charAt(0))
                ? Character.toUpperCase(other.charAt(0)) + other.substring(1)
                : other;
    }

    private static Map<String, String> byTerm(int from) {
        return Arrays.stream(PAIRS).collect(Collectors.toMap(pair -> pair[from], pair -> pair[1 - from]));
    }

    private static String[][] read() {
        try (InputStream in = new ClassPathResource("words/terms.json").getInputStream()) {
            return new ObjectMapper().readValue(in, String[][].class);
        } catch (IOException e) {
            throw new UncheckedIOException("the terms cannot be read", e);
        }
    }
}
