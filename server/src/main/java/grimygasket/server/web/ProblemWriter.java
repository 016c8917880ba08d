package grimygasket.server.web;

import grimygasket.server.web.Problem.Kind;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes a problem where no controller is at work: in filters and sign-in handlers. */
@Component
public class ProblemWriter {
    private final JsonMapper json;

    ProblemWriter(JsonMapper json) {
        this.json = json;
    }

    public void write(HttpServletResponse response, Kind kind, String sentence) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.resetBuffer();
        response.setStatus(kind.status().value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), Problem.body(kind, sentence));
    }
}
