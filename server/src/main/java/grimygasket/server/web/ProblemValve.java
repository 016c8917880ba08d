package grimygasket.server.web;

import grimygasket.server.web.Problem.Kind;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.TomcatContextCustomizer;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Says in a sentence, too, what no part of the application has seen, as the server itself cannot read it. */
final class ProblemValve extends ErrorReportValve {
    private static final int FIRST_THAT_IS_WRONG = 400;

    private final ProblemWriter problems;

    private ProblemValve(ProblemWriter problems) {
        this.problems = problems;
    }

    @Configuration(proxyBeanMethods = false)
    static class InPlaceOfTheServersOwn {
        @Bean
        WebServerFactoryCustomizer<TomcatServletWebServerFactory> saysProblems(ProblemWriter problems) {
            TomcatContextCustomizer ours =
                    context -> context.getParent().getPipeline().addValve(new ProblemValve(problems));
            return factory -> factory.addContextCustomizers(ours);
        }
    }

    @Override
    protected void report(Request request, Response response, Throwable e) {
        if (response.getStatus() < FIRST_THAT_IS_WRONG
                || response.getContentWritten() > 0
                || !response.setErrorReported()) {
            return;
        }
        try {
            var problem = Problem.body(Kind.NOT_FOUND, "This cannot be read. Go on from the round.");
            problem.setStatus(response.getStatus());
            problems.write(response, problem);
            response.finishResponse();
        } catch (IOException gone) {
            // Nobody listens any more.
        }
    }
}
