package grimygasket.server.web;

import grimygasket.server.web.Problem.Kind;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.RecoverableDataAccessException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says so when the database does not answer. Outermost of all filters, because the session itself is kept in the database
 * and fails first.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class DatabaseAway extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAway.class);

    /** MariaDB's: error writing a file, disk full, error writing the log, table full, temporary file not written. */
    private static final Set<Integer> FULL = Set.of(3, 1021, 1026, 1114, 1878);

    private final ProblemWriter problems;

    DatabaseAway(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (!isAway(e)) {
                throw e;
            }
            problems.write(response, problem(e));
        }
    }

    /** What is said of something that {@link #isAway}. */
    public static ProblemDetail problem(Throwable e) {
        LOG.warn("The database does not answer: {}", e.getMessage());
        if (isFull(e)) {
            return Problem.body(
                    Kind.DISK_FULL,
                    "The disk of the computer that the application runs on is full. Make room there; what you entered is kept on this "
                            + "screen, and goes through then.");
        }
        return Problem.body(
                Kind.DATABASE_AWAY,
                "The database does not answer just now. What you entered is kept on this screen; try again in a moment.");
    }

    private static boolean isFull(Throwable e) {
        return causes(e).anyMatch(cause -> cause instanceof SQLException sql && FULL.contains(sql.getErrorCode()));
    }

    private static Stream<Throwable> causes(Throwable e) {
        return Stream.iterate(e, Objects::nonNull, Throwable::getCause);
    }

    /** Whether it passes by itself, or once somebody has made room: whoever has entered something is to try again. */
    public static boolean isAway(Throwable e) {
        return isFull(e)
                || causes(e)
                        .anyMatch(cause -> cause instanceof DataAccessResourceFailureException
                                || cause instanceof TransientDataAccessException
                                || cause instanceof RecoverableDataAccessException
                                || cause instanceof CannotCreateTransactionException
                                || cause instanceof TransactionSystemException
                                || (cause instanceof SQLException sql
                                        && sql.getSQLState() != null
                                        && sql.getSQLState().startsWith("08")));
    }
}
