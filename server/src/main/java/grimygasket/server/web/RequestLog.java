package grimygasket.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Gives every request an id that stands with all that is logged of it, and logs how it ended. What was asked with it, and what it
 * carried, is not logged: it may be what customers said.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestLog extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(RequestLog.class);
    private static final String ID = "request";
    private static final String SECRET = "/api/rounds/";

    /** Of the request under way. */
    static String id() {
        return MDC.get(ID);
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        MDC.put(ID, UUID.randomUUID().toString());
        response.setHeader("X-Request-Id", id());
        long began = System.nanoTime();
        try {
            chain.doFilter(request, response);
        } finally {
            long millis = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
            LOG.info("{} {} {} in {} ms", request.getMethod(), path(request), response.getStatus(), millis);
            MDC.remove(ID);
        }
    }

    /** Whoever has the address of a calendar has the calendar: it is not to be had from the log. */
    private static String path(HttpServletRequest request) {
        var path = request.getRequestURI();
        return path.startsWith(SECRET) ? SECRET + "..." : path;
    }
}
