package amberrail.app.signin;

import java.nio.ByteBuffer;
import java.util.LinkedHashMap;
import java.util.Map;
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

    private final Converter<byte[], Object> read;
    private final Map<ByteBuffer, Authentication> known = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<ByteBuffer, Authentication> eldest) {
            return size() > REMEMBERED;
        }
    };

    StoredSignIns(ClassLoader classes) {
        read = new DeserializingConverter(classes);
    }

    @Override
    public Object convert(byte[] stored) {
        ByteBuffer bytes = ByteBuffer.wrap(stored);
        Authentication remembered;
        synchronized (known) {
            remembered = known.get(bytes);
        }
        if (remembered != null) {
            return new SecurityContextImpl(remembered);
        }
        Object found = read.convert(stored);
        if (found instanceof SecurityContext context && context.getAuthentication() != null) {
            synchronized (known) {
                known.put(bytes, context.getAuthentication());
            }
        }
        return found;
    }
}
