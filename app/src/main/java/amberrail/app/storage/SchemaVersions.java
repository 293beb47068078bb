package amberrail.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The versions of the schema that this program knows. */
public final class SchemaVersions {
    static final String SCRIPTS = "classpath:db/migration";
    private static final Pattern SCRIPT = Pattern.compile("V(\\d+)__.*\\.sql");

    private SchemaVersions() {}

    /** The greatest version among the scripts. */
    public static int newest() {
        try {
            return Stream.of(new PathMatchingResourcePatternResolver().getResources(SCRIPTS + "/V*.sql"))
                    .map(script -> SCRIPT.matcher(String.valueOf(script.getFilename())))
                    .filter(Matcher::matches)
                    .mapToInt(found -> Integer.parseInt(found.group(1)))
                    .max()
                    .orElseThrow();
        } catch (IOException e) {
            throw new UncheckedIOException("the scripts in the jar cannot be listed", e);
        }
    }
}
