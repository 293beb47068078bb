package amberrail.app.signin;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.ByteBuffer;
import java.time.Duration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.serializer.support.DeserializingConverter;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextImpl;

/**
 * Reads what a stored sign-in holds. The same bytes come with each request of a window, and to read them anew was a thirtieth of what a recorded
 * attempt costs: whose sign-in they are is remembered. Every request gets a context of its own, as what it sets there is its own.
 */
final class StoredSignIns implements Converter<byte[], Object> {
    private static final int REMEMBERED = 200;
    /** Who was erased does not stay in memory. */
    private static final Duration LONGEST = Duration.ofHours(1);

    private final Converter<byte[], Object> read;
    private final Cache<ByteBuffer, Authentication> known = Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .expireAfterWrite(LONGEST)
            .build();

    StoredSignIns(ClassLoader classes) {
        read = new DeserializingConverter(classes);
    }

    @Override
    public Object convert(byte[] stored) {
        ByteBuffer bytes = ByteBuffer.wrap(stored);
        Authentication remembered = known.getIfPresent(bytes);
        if (remembered != null) {
            return new SecurityContextImpl(remembered);
        }
        Object found = read.convert(stored);
        if (found instanceof SecurityContext context && context.getAuthentication() != null) {
            known.put(bytes, context.getAuthentication());
        }
        return found;
    }
}
