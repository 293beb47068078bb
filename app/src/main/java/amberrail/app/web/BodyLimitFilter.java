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
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** No body larger than the limit is read, whether its length is stated or not. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20)
class BodyLimitFilter extends OncePerRequestFilter {
    private final BodyLimits limits;

    BodyLimitFilter(AmberRailProperties properties) {
        limits = new BodyLimits(properties);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long limitBytes = limits.bytes(request);
        if (request.getContentLengthLong() > limitBytes) {
            ProblemWriter.write(
                    response,
                    HttpStatus.PAYLOAD_TOO_LARGE,
                    "BODY_TOO_LARGE",
                    new BodyTooLarge(limitBytes).getMessage());
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
