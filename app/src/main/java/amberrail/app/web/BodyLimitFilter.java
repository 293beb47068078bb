package amberrail.app.web;

import amberrail.app.config.AmberRailProperties;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** No body larger than the limit is read, whether its length is stated or not. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimitFilter extends OncePerRequestFilter {
    private static final List<String> IMPORTS = List.of("/api/v1/drill-import", "/api/v1/attempt-import/");

    private final long usualBytes;
    private final long importBytes;

    BodyLimitFilter(AmberRailProperties properties) {
        usualBytes = properties.largestBody().toBytes();
        importBytes = properties.largestImport().toBytes();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean isImport = IMPORTS.stream().anyMatch(request.getRequestURI()::startsWith);
        long limitBytes = isImport ? importBytes : usualBytes;
        if (request.getContentLengthLong() > limitBytes) {
            response.setStatus(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getWriter()
                    .write("{\"type\":\"about:blank\",\"title\":\"Payload Too Large\",\"status\":413,"
                            + "\"code\":\"BODY_TOO_LARGE\",\"detail\":\"" + new BodyTooLarge(limitBytes).getMessage()
                            + "\"}");
            return;
        }
        chain.doFilter(new Limited(request, limitBytes), response);
    }

    private static final class Limited extends HttpServletRequestWrapper {
        private final long limitBytes;

        Limited(HttpServletRequest request, long limitBytes) {
            super(request);
            this.limitBytes = limitBytes;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Counting(super.getInputStream(), limitBytes);
        }
    }

    private static final class Counting extends ServletInputStream {
        private final ServletInputStream inner;
        private final long limitBytes;
        private long readBytes;

        Counting(ServletInputStream inner, long limitBytes) {
            this.inner = inner;
            this.limitBytes = limitBytes;
        }

        @Override
        public int read() throws IOException {
            int next = inner.read();
            if (next >= 0) {
                count(1);
            }
            return next;
        }

        @Override
        public int read(byte[] buffer, int offset, int length) throws IOException {
            int got = inner.read(buffer, offset, length);
            count(Math.max(0, got));
            return got;
        }

        private void count(int more) throws BodyTooLarge {
            readBytes += more;
            if (readBytes > limitBytes) {
                throw new BodyTooLarge(limitBytes);
            }
        }

        @Override
        public boolean isFinished() {
            return inner.isFinished();
        }

        @Override
        public boolean isReady() {
            return inner.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            inner.setReadListener(listener);
        }
    }
}
