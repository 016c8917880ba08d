package grimygasket.server.web;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grimygasket.server.web.Problem.Kind;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Looks at a request before anything of its body is read: how large it says that it is, what it says that it holds, and how many others
 * from its address are still being read. So nobody fills the memory, and slow senders do not stop everybody else.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class RequestGate extends OncePerRequestFilter {
    private static final int MEGABYTE = 1_000_000;

    /** Bodies from one address that are taken at a time; a server takes 200 in all. A business may have all of its phones behind one. */
    private static final int MOST_AT_ONCE = 120;

    private final Cache<String, Semaphore> underWay = Caffeine.newBuilder()
            .expireAfterAccess(Duration.ofHours(1))
            .maximumSize(100_000)
            .build();
    private final ProblemWriter problems;

    RequestGate(ProblemWriter problems) {
        this.problems = problems;
    }

    /** Bytes that a body may have. */
    private static int most(String path) {
        if (path.equals("/api/call-documents")) {
            return 60 * MEGABYTE;
        }
        if (path.contains("/photos/")) {
            return 12 * MEGABYTE;
        }
        return path.startsWith("/api/know-how/") ? 4 * MEGABYTE : MEGABYTE;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long length = request.getContentLengthLong();
        if (request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null) {
            refuse(response, Kind.TOO_LARGE, "What is sent has to say how large it is.");
        } else if (length > most(request.getRequestURI())) {
            refuse(response, Kind.TOO_LARGE, "This is too large to be taken. Choose a smaller one.");
        } else if ((length > 0 || request.getContentType() != null) && !saysWhatItIs(request)) {
            refuse(response, Kind.NOT_READABLE, "This is not of a kind that can be read here.");
        } else if (length > 0) {
            inTurn(request, response, chain);
        } else {
            chain.doFilter(request, response);
        }
    }

    private void inTurn(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var places = underWay.get(request.getRemoteAddr(), unused -> new Semaphore(MOST_AT_ONCE));
        if (!places.tryAcquire()) {
            refuse(
                    response,
                    Kind.BUSY,
                    "Too much is sent from here at once. What you entered is kept; try again in a moment.");
            return;
        }
        try {
            chain.doFilter(request, response);
        } finally {
            places.release();
        }
    }

    private static boolean saysWhatItIs(HttpServletRequest request) {
        try {
            var type = MediaType.parseMediaType(request.getContentType() == null ? "" : request.getContentType());
            return type.isConcrete() && !type.getType().equals("multipart");
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }

    /** Nothing of the body is waited for. */
    private void refuse(HttpServletResponse response, Kind kind, String sentence) throws IOException {
        response.setHeader(HttpHeaders.CONNECTION, "close");
        problems.write(response, kind, sentence);
    }
}
