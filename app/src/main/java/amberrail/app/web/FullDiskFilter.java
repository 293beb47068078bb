package amberrail.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Nothing new is taken when the disk is almost full: a database that runs out of room in the middle of a commit closes itself. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class FullDiskFilter extends OncePerRequestFilter {
    private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");

    private final DiskState disk;

    FullDiskFilter(DiskState disk) {
        this.disk = disk;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        boolean stores =
                path.startsWith("/api/") && !READS.contains(request.getMethod()) && !path.endsWith("/sign-out");
        if (stores && disk.isAlmostFull()) {
            Faults.Answer full = Faults.DISK_FULL;
            ProblemWriter.write(response, full.status(), full.code(), full.sentence());
        } else {
            chain.doFilter(request, response);
        }
    }
}
