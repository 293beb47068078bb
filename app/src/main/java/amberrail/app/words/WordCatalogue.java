package amberrail.app.words;

import amberrail.app.people.Preferences.Dialect;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * What the application says, by key ({@code pocket.SW}), in one dialect; snooker falls back to pool where both say the same. The same files
 * are the screens' words, so a card and a screen cannot disagree.
 */
public final class WordCatalogue {
    private static final Pattern PLACEHOLDER = Pattern.compile("\\{(\\w+)}");
    private static final String FORMS = " \\| ";
    private static final Map<String, String> POOL = read("classpath*:words/pool/*.json");
    private static final Map<String, String> SNOOKER = read("classpath*:words/snooker.json");

    private final boolean snooker;

    public WordCatalogue(Dialect dialect) {
        snooker = dialect == Dialect.SNOOKER;
    }

    /** Without anything to fill in. */
    public String say(String key) {
        return say(key, Map.of());
    }

    /** @param values for every {@code {name}} of the sentence, already as they shall read */
    public String say(String key, Map<String, ?> values) {
        return filled(key, sentence(key), values);
    }

    /** A sentence that has a form for one and a form for more; {@code n} may be filled in, too. */
    public String count(String key, int n, Map<String, ?> values) {
        String[] forms = sentence(key).split(FORMS);
        String form = forms.length == 2 ? forms[n == 1 ? 0 : 1] : forms[Math.min(n, forms.length - 1)];
        Map<String, Object> all = new HashMap<>(values);
        all.put("n", n);
        return filled(key, form, all);
    }

    /** Every word of an enum stands under its own name. */
    public String of(String block, Enum<?> one) {
        return say(block + "." + one.name());
    }

    private String sentence(String key) {
        String found = snooker ? SNOOKER.getOrDefault(key, POOL.get(key)) : POOL.get(key);
        if (found == null) {
            throw new IllegalArgumentException("there is nothing to say for " + key);
        }
        return found;
    }

    private static String filled(String key, String sentence, Map<String, ?> values) {
        return PLACEHOLDER.matcher(sentence).replaceAll(place -> {
            Object value = values.get(place.group(1));
            if (value == null) {
                throw new IllegalArgumentException(key + " needs " + place.group(1));
            }
            return Matcher.quoteReplacement(value.toString());
        });
    }

    private static Map<String, String> read(String pattern) {
        Map<String, String> words = new HashMap<>();
        ObjectMapper json = new ObjectMapper();
        try {
            for (Resource file : new PathMatchingResourcePatternResolver().getResources(pattern)) {
                try (InputStream in = file.getInputStream()) {
                    collect("", json.readTree(in), words);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("the words cannot be read", e);
        }
        if (words.isEmpty()) {
            throw new IllegalStateException("there are no words at " + pattern);
        }
        return Map.copyOf(words);
    }

    private static void collect(String path, JsonNode node, Map<String, String> words) {
        node.properties().forEach(field -> {
            String key = path + field.getKey();
            if (field.getValue().isObject()) {
                collect(key + ".", field.getValue(), words);
            } else {
                words.put(key, field.getValue().textValue());
            }
        });
    }
}
