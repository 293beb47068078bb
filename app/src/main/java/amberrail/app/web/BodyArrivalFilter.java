package amberrail.app.web;

import amberrail.app.config.AmberRailProperties;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Waits for a request's body without a worker: the container tells when something has come, and only a whole body is handed on. Whoever sends
 * slowly, or half and then nothing, holds a connection and the bytes that came, and after a time not even those.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class BodyArrivalFilter extends EveryDispatchFilter {
    private static final Duration USUAL_TIME = Duration.ofSeconds(20);
    private static final Duration IMPORT_TIME = Duration.ofSeconds(120);
    /** Of all bodies that are on their way together. */
    private static final long MOST_HELD_BYTES = 96L * 1024 * 1024;

    private static final int MOST_FROM_ONE_ADDRESS = 600;
    private static final String ARRIVED = BodyArrivalFilter.class.getName();

    private final BodyLimits limits;
    private final boolean waits;
    private final AtomicLong heldBytes = new AtomicLong();
    private final Map<String, Integer> byAddress = new ConcurrentHashMap<>();

    BodyArrivalFilter(AmberRailProperties properties) {
        limits = new BodyLimits(properties);
        waits = properties.waitForBodies();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (request.getAttribute(ARRIVED) instanceof byte[] body) {
            chain.doFilter(new ArrivedRequest(request, body), response);
        } else if (!waits || !hasBody(request) || request.getDispatcherType() != DispatcherType.REQUEST) {
            chain.doFilter(request, response);
        } else if (request.getContentLengthLong() > limits.bytes(request)) {
            tooLarge(response, limits.bytes(request));
        } else {
            await(request, response);
        }
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    }

    private static void tooLarge(HttpServletResponse response, long limitBytes) throws IOException {
        response.setHeader(HttpHeaders.CONNECTION, "close");
        ProblemWriter.write(
                response, HttpStatus.PAYLOAD_TOO_LARGE, "BODY_TOO_LARGE", new BodyTooLarge(limitBytes).getMessage());
    }

    private void await(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String address = request.getRemoteAddr();
        if (byAddress.merge(address, 1, Integer::sum) > MOST_FROM_ONE_ADDRESS) {
            leave(address);
            ProblemWriter.write(
                    response,
                    HttpStatus.TOO_MANY_REQUESTS,
                    "TOO_MANY_REQUESTS",
                    "Too many requests from this address are under way. Wait until they are through.");
            return;
        }
        AsyncContext async = request.startAsync(request, response);
        async.setTimeout((limits.isImport(request) ? IMPORT_TIME : USUAL_TIME).toMillis());
        Arrival arrival = new Arrival(async, request.getInputStream(), limits.bytes(request), address);
        async.addListener(arrival);
        request.getInputStream().setReadListener(arrival);
    }

    private void leave(String address) {
        byAddress.computeIfPresent(address, (key, n) -> n == 1 ? null : n - 1);
    }

    /** One body on its way. */
    private final class Arrival implements ReadListener, AsyncListener {
        private static final int PIECE_BYTES = 8192;

        private final AsyncContext async;
        private final ServletInputStream in;
        private final long limitBytes;
        private final String address;
        private final ByteArrayOutputStream arrived = new ByteArrayOutputStream();
        private final byte[] piece = new byte[PIECE_BYTES];
        private boolean ended;

        Arrival(AsyncContext async, ServletInputStream in, long limitBytes, String address) {
            this.async = async;
            this.in = in;
            this.limitBytes = limitBytes;
            this.address = address;
        }

        @Override
        public void onDataAvailable() throws IOException {
            while (!ended && in.isReady()) {
                int got = in.read(piece);
                if (got < 0) {
                    return;
                }
                arrived.write(piece, 0, got);
                if (arrived.size() > limitBytes) {
                    end(HttpStatus.PAYLOAD_TOO_LARGE, "BODY_TOO_LARGE", new BodyTooLarge(limitBytes).getMessage());
                } else if (heldBytes.addAndGet(got) > MOST_HELD_BYTES) {
                    end(
                            HttpStatus.SERVICE_UNAVAILABLE,
                            "BUSY",
                            "The server is taking in too much at once. Try again in a few seconds.");
                }
            }
        }

        @Override
        public void onAllDataRead() {
            if (!ended) {
                ended = true;
                async.getRequest().setAttribute(ARRIVED, arrived.toByteArray());
                async.dispatch();
            }
        }

        @Override
        public void onError(Throwable gone) {
            if (!ended) {
                ended = true;
                async.complete();
            }
        }

        private void end(HttpStatus status, String code, String sentence) throws IOException {
            ended = true;
            HttpServletResponse response = (HttpServletResponse) async.getResponse();
            response.setHeader(HttpHeaders.CONNECTION, "close");
            ProblemWriter.write(response, status, code, sentence);
            async.complete();
        }

        @Override
        public void onTimeout(AsyncEvent event) throws IOException {
            if (!ended) {
                end(
                        HttpStatus.REQUEST_TIMEOUT,
                        "BODY_TOO_SLOW",
                        "The request took too long to arrive. Nothing was stored; try again.");
            }
        }

        @Override
        public void onComplete(AsyncEvent event) {
            heldBytes.addAndGet(-Math.min(arrived.size(), limitBytes));
            leave(address);
        }

        @Override
        public void onError(AsyncEvent event) {
            // The container completes it, and that is counted.
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            event.getAsyncContext().addListener(this);
        }
    }
}
