package grimygasket.server.web;

import grimygasket.server.web.Problem.Kind;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.SQLException;
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
class DatabaseAway extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseAway.class);

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

    static ProblemDetail problem(Exception e) {
        LOG.warn("The database does not answer: {}", e.getMessage());
        return Problem.body(
                Kind.DATABASE_AWAY,
                "The database does not answer just now. What you entered is kept on this screen; try again in a moment.");
    }

    static boolean isAway(Throwable e) {
        for (var cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof DataAccessResourceFailureException
                    || cause instanceof TransientDataAccessException
                    || cause instanceof RecoverableDataAccessException
                    || cause instanceof CannotCreateTransactionException
                    || cause instanceof TransactionSystemException
                    || (cause instanceof SQLException sql
                            && sql.getSQLState() != null
                            && sql.getSQLState().startsWith("08"))) {
                return true;
            }
        }
        return false;
    }
}
