package grimygasket.server.web;

import grimygasket.server.web.Problem.Kind;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What went wrong before or after a controller was at work. */
@RestController
class Unseen implements ErrorController {
    @RequestMapping("/error")
    ResponseEntity<ProblemDetail> say(HttpServletRequest request) {
        var said = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        var status = HttpStatus.valueOf(said instanceof Integer code ? code : HttpStatus.NOT_FOUND.value());
        var problem = status.is5xxServerError()
                ? Problem.body(
                        Kind.MISTAKE, "The application has made a mistake. What you entered is kept on this screen.")
                : Problem.body(Kind.NOT_FOUND, "There is nothing at this address. Go on from the round.");
        problem.setStatus(status);
        return ResponseEntity.status(status).body(problem);
    }
}
