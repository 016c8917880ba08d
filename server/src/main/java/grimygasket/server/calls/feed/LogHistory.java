package grimygasket.server.calls.feed;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Says with every answer which history the log of commands is. A restored database has another one, which a device notices at the
 * next answer of any kind: it then gives back what it was told is kept. The application does not run while a database is restored,
 * so that the id is read once.
 */
@Component
class LogHistory extends OncePerRequestFilter implements SmartInitializingSingleton {
    private static final String HEADER = "Gasket-History";

    private final JdbcClient jdbc;
    private UUID id;

    LogHistory(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    @Override
    public void afterSingletonsInstantiated() {
        id = jdbc.sql("select id from log_history").query(UUID.class).single();
    }

    UUID id() {
        return id;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader(HEADER, id.toString());
        chain.doFilter(request, response);
    }
}
