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
import java.util.Set;
import java.util.concurrent.Semaphore;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Reads the body of a request before anything is done with it: refuses one that is too large or of a kind that is read nowhere, bounds
 * how many of an address and how many bytes of all are read at once, and how slowly one may come. So nobody fills the memory, and slow
 * senders hold up nobody else: what comes after the gate waits for no network.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class RequestGate extends OncePerRequestFilter {
    private static final int MEGABYTE = 1_000_000;
    private static final int KILOBYTE = 1_000;

    /** Bodies of one address that are read at a time; the server has threads for those of thirty. A business may have all phones behind one. */
    private static final int MOST_AT_ONCE = 32;

    /** Of the memory, what bodies that are being handled may take, in parts. */
    private static final int PART_OF_MEMORY = 4;

    private static final Set<String> KINDS =
            Set.of("application/json", "text/csv", MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE);

    private final Cache<String, Semaphore> underWay = Caffeine.newBuilder()
            .expireAfterAccess(Duration.ofHours(1))
            .maximumSize(100_000)
            .build();
    private final Semaphore kilobytes =
            new Semaphore((int) (Runtime.getRuntime().maxMemory() / PART_OF_MEMORY / KILOBYTE));
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
        } else if ((length > 0 || request.getContentType() != null) && !isReadSomewhere(request)) {
            refuse(response, Kind.NOT_READABLE, "This is not of a kind that can be read here.");
        } else if (length > 0) {
            inTurn(request, (int) length, response, chain);
        } else {
            chain.doFilter(request, response);
        }
    }

    private void inTurn(HttpServletRequest request, int length, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var places = underWay.get(request.getRemoteAddr(), unused -> new Semaphore(MOST_AT_ONCE));
        if (!places.tryAcquire()) {
            refuse(
                    response,
                    Kind.BUSY,
                    "Too much is sent from here at once. What you entered is kept; try again in a moment.");
            return;
        }
        int size = length / KILOBYTE + 1;
        try {
            if (!kilobytes.tryAcquire(size)) {
                refuse(
                        response,
                        Kind.BUSY,
                        "Too much is sent at once. What you entered is kept; try again in a moment.");
                return;
            }
            try {
                read(request, length, response, chain);
            } finally {
                kilobytes.release(size);
            }
        } finally {
            places.release();
        }
    }

    private void read(HttpServletRequest request, int length, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        ReadRequest read;
        try {
            read = ReadRequest.of(request, length);
        } catch (IllegalArgumentException e) {
            refuse(response, Kind.INVALID, "This form cannot be read. Enter it once more.");
            return;
        } catch (IOException e) {
            refuse(
                    response,
                    Kind.BUSY,
                    "This came too slowly. What you entered is kept; try again with better signal.");
            return;
        }
        chain.doFilter(read, response);
    }

    /** Forms come from the sign-in alone; what else a type may be called (as {@code application/x+json}) is read nowhere. */
    private static boolean isReadSomewhere(HttpServletRequest request) {
        try {
            var type = MediaType.parseMediaType(request.getContentType() == null ? "" : request.getContentType());
            var name = type.getType() + "/" + type.getSubtype();
            return KINDS.contains(name)
                    || (name.equals(MediaType.APPLICATION_FORM_URLENCODED_VALUE)
                            && request.getServletPath().equals("/api/session"));
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
