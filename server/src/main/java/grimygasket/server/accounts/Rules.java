package grimygasket.server.accounts;

import static grimygasket.server.accounts.Rank.LEAD;
import static grimygasket.server.accounts.Rank.OWNER;
import static grimygasket.server.accounts.Rank.TECHNICIAN;
import static org.springframework.http.HttpMethod.DELETE;
import static org.springframework.http.HttpMethod.GET;
import static org.springframework.http.HttpMethod.POST;
import static org.springframework.http.HttpMethod.PUT;

import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpMethod;
import org.springframework.http.ProblemDetail;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/**
 * Who may do what: every operation stands here, and one that does not is there for nobody. {@code RulesTest} holds it against the
 * document of the interface.
 */
public final class Rules {
    private Rules() {}

    /** How who is signed in has proved, besides by their session, that it is they. */
    public enum Proof {
        NONE,
        /** By their password or passkey, within the last minutes. */
        RECENT,
        /** By their password, which comes with the request. */
        IN_BODY
    }

    /**
     * @param least the rank that may; null where anybody may, also without a session
     * @param proof of who they are that it wants
     * @param refusal what whoever may not is told; null where every technician may
     * @param traced whether it is noted who did it: whatever changes something or gives it out, but for commands, which have a log
     * @param matcher of the requests that it is about
     */
    public record Rule(
            HttpMethod method,
            String path,
            @Nullable Rank least,
            Proof proof,
            @Nullable String refusal,
            boolean traced,
            PathPatternRequestMatcher matcher) {
        Rule(HttpMethod method, String path, @Nullable Rank least, @Nullable String refusal) {
            this(
                    method,
                    path,
                    least,
                    Proof.NONE,
                    refusal,
                    !method.equals(GET),
                    PathPatternRequestMatcher.withDefaults().matcher(method, path));
        }

        Rule wanting(Proof wanted) {
            return new Rule(method, path, least, wanted, refusal, traced, matcher);
        }

        /** It only reads, but what it gives out leaves the house. */
        Rule givingOut() {
            return new Rule(method, path, least, proof, refusal, true, matcher);
        }

        /** It changes nothing, though it is no GET. */
        Rule onlyAsking() {
            return new Rule(method, path, least, proof, refusal, false, matcher);
        }

        public String name() {
            return method + " " + path;
        }
    }

    private static final String KNOW_HOW = "Only the lead changes the know-how.";
    private static final String PEOPLE =
            "Only the owner adds people, locks them out, changes their passwords and says what they are qualified for.";

    private static final String CUSTOMERS = "Only the owner gives out all that is kept of a customer, or erases it.";

    private static final String PARTS = "Only the lead changes the list of parts.";

    private static final String ORDERS = "Only the lead orders parts.";

    private static final String HOMES =
            "Only the lead takes the list of customers out, brings one in, and joins entries.";
    private static final String LOGO = "Only the owner changes the logo of reports.";

    private static final String LEFT_BEHIND =
            "Only the lead decides on what somebody who was locked out has left behind.";

    public static final List<Rule> ALL = Stream.of(
                    Stream.of(
                            new Rule(POST, "/api/session", null, null),
                            new Rule(POST, "/api/session/passkey", null, null)),
                    technician(
                            GET,
                            "/api/board/{day}",
                            "/api/business",
                            "/api/business/logo",
                            "/api/calls/{callId}/state",
                            "/api/calls/{callId}/checks/{check}/meter",
                            "/api/calls/{callId}/dates.ics",
                            "/api/calls/{callId}/photos/{photoId}",
                            "/api/calls/{callId}/trail",
                            "/api/colleagues",
                            "/api/customers",
                            "/api/customers/{customerId}",
                            "/api/customers/{customerId}/open-calls",
                            "/api/device/calls",
                            "/api/device/calls/{callId}",
                            "/api/device/know-how/{kind}/{revision}",
                            "/api/device/next-days",
                            "/api/devices",
                            "/api/due",
                            "/api/feed",
                            "/api/know-how",
                            "/api/know-how/{kind}",
                            "/api/know-how/{kind}/draft",
                            "/api/know-how/{kind}/draft/cases",
                            "/api/know-how/{kind}/draft/know-how",
                            "/api/know-how/{kind}/families",
                            "/api/know-how/{kind}/learnt",
                            "/api/know-how/{kind}/noted",
                            "/api/know-how/{kind}/numbers",
                            "/api/know-how/{kind}/revisions",
                            "/api/know-how/{kind}/revisions/{number}/changes",
                            "/api/machines/{machineId}",
                            "/api/machines/{machineId}/calls",
                            "/api/meters",
                            "/api/meters/{kind}/{check}",
                            "/api/order-list",
                            "/api/orders",
                            "/api/parts",
                            "/api/parts/labels.pdf",
                            "/api/parts/{partId}/moves",
                            "/api/round",
                            "/api/round/{day}",
                            "/api/schools",
                            "/api/session",
                            "/api/session/calendar",
                            "/api/session/passkeys",
                            "/api/units"),
                    technician(
                                    GET,
                                    "/api/calls/{callId}/call.json",
                                    "/api/calls/{callId}/report.pdf",
                                    "/api/know-how/{kind}/revisions/{number}/codes.csv",
                                    "/api/know-how/{kind}/revisions/{number}/pack.yaml",
                                    "/api/order-list.csv",
                                    "/api/orders/{orderId}/order.xml",
                                    "/api/parts.csv")
                            .map(Rule::givingOut),
                    technician(
                            POST,
                            "/api/devices/{id}/lost",
                            "/api/orders/{orderId}/arrivals",
                            "/api/parts/{partId}/moves",
                            "/api/session/calendar",
                            "/api/session/proof"),
                    technician(
                                    POST,
                                    "/api/commands",
                                    "/api/know-how/{kind}/revisions/inspection",
                                    "/api/know-how/{kind}/revisions/inspection/cases",
                                    "/api/series",
                                    "/api/series/csv",
                                    "/api/session/passkeys/options")
                            .map(Rule::onlyAsking),
                    technician(POST, "/api/session/passkeys").map(rule -> rule.wanting(Proof.IN_BODY)),
                    technician(PUT, "/api/session/password").map(rule -> rule.wanting(Proof.IN_BODY)),
                    technician(
                            PUT,
                            "/api/customers/{customerId}",
                            "/api/customers/{customerId}/addresses/{addressId}",
                            "/api/machines/{machineId}/address",
                            "/api/schools/{schoolId}",
                            "/api/session/units"),
                    technician(DELETE, "/api/customers/{customerId}/addresses/{addressId}"),
                    technician(PUT, "/api/calls/{callId}/photos/{photoId}").map(Rule::onlyAsking),
                    technician(DELETE, "/api/session", "/api/session/calendar"),
                    technician(DELETE, "/api/session/passkeys/{id}").map(rule -> rule.wanting(Proof.RECENT)),
                    owner("Only the owner changes what the business reckons with.", PUT, "/api/business"),
                    owner(LOGO, PUT, "/api/business/logo"),
                    owner(LOGO, DELETE, "/api/business/logo"),
                    lead(
                            "Only the lead brings calls in: a file can say that anybody has done anything.",
                            POST,
                            "/api/call-documents"),
                    lead(HOMES, GET, "/api/customers.csv").map(Rule::givingOut),
                    lead(HOMES, GET, "/api/alike-customers"),
                    lead(HOMES, POST, "/api/customers.csv", "/api/customers/{customerId}/join"),
                    lead("Only the lead plans everybody's day.", POST, "/api/board/{day}/plan")
                            .map(Rule::onlyAsking),
                    lead(PARTS, PUT, "/api/parts/{partId}"),
                    lead(ORDERS, PUT, "/api/orders/{orderId}", "/api/orders/{orderId}/promised"),
                    lead(ORDERS, DELETE, "/api/orders/{orderId}/rest"),
                    lead(PARTS, POST, "/api/parts.csv"),
                    owner("Only the owner sets the business up.", GET, "/api/first-day"),
                    owner("Only the owner sees what everybody has done.", GET, "/api/trail"),
                    owner(CUSTOMERS, GET, "/api/customers/{customerId}/customer.json")
                            .map(Rule::givingOut),
                    owner(CUSTOMERS, DELETE, "/api/customers/{customerId}").map(rule -> rule.wanting(Proof.RECENT)),
                    owner(
                                    PEOPLE,
                                    PUT,
                                    "/api/colleagues/{id}",
                                    "/api/colleagues/{id}/locked",
                                    "/api/colleagues/{id}/qualifications")
                            .map(rule -> rule.wanting(Proof.RECENT)),
                    Stream.of(new Rule(POST, "/api/left-behind", null, null)),
                    // Whoever has the address has the calendar: a calendar program cannot sign in.
                    Stream.of(new Rule(GET, "/api/rounds/{key}.ics", null, null)),
                    lead(LEFT_BEHIND, GET, "/api/left-behind"),
                    lead(LEFT_BEHIND, POST, "/api/left-behind/{id}"),
                    lead(LEFT_BEHIND, DELETE, "/api/left-behind/{id}"),
                    lead(KNOW_HOW, POST, "/api/know-how/{kind}/draft/use", "/api/know-how/{kind}/revisions"),
                    lead(
                            KNOW_HOW,
                            PUT,
                            "/api/know-how/{kind}/draft/{section}/{piece}",
                            "/api/know-how/{kind}/revisions/active"),
                    lead(
                            KNOW_HOW,
                            DELETE,
                            "/api/know-how/{kind}/draft",
                            "/api/know-how/{kind}/draft/edits/{number}",
                            "/api/know-how/{kind}/draft/{section}/{piece}"))
            .flatMap(rules -> rules)
            .toList();

    private static Stream<Rule> technician(HttpMethod method, String... paths) {
        return Stream.of(paths).map(path -> new Rule(method, path, TECHNICIAN, null));
    }

    private static Stream<Rule> lead(String sentence, HttpMethod method, String... paths) {
        return Stream.of(paths).map(path -> new Rule(method, path, LEAD, sentence));
    }

    private static Stream<Rule> owner(String sentence, HttpMethod method, String... paths) {
        return Stream.of(paths).map(path -> new Rule(method, path, OWNER, sentence));
    }

    /** The rule of a request; empty where there is nothing. */
    public static Optional<Rule> of(HttpServletRequest request) {
        return ALL.stream().filter(rule -> rule.matcher.matches(request)).findFirst();
    }

    /** What is said to somebody who is signed in and may not. */
    public static ProblemDetail denied(HttpServletRequest request) {
        return of(request)
                .map(rule -> Problem.body(Kind.NOT_YOURS, rule.refusal))
                .orElseGet(() -> Problem.body(Kind.NOT_FOUND, "There is nothing here."));
    }
}
