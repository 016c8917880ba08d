package grimygasket.server.accounts;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import grimygasket.server.ServerTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** Every operation that the document of the interface names has its rule, and the rule is kept. */
public class RulesTest extends ServerTest {
    private static final Set<String> METHODS = Set.of("get", "put", "post", "delete", "patch");

    /** Sign-in and sign-out are done by filters, which the document does not know. */
    private static final Set<String> OF_FILTERS = Set.of("POST /api/session", "DELETE /api/session");

    private static Set<String> ruled(List<Rules.Rule> rules) {
        return rules.stream().map(Rules.Rule::name).collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    public void everyOperationHasOneRuleAndEveryRuleItsOperation() {
        var operations = new TreeSet<>(OF_FILTERS);
        for (var path : signedIn().get("/v3/api-docs").body().path("paths").properties()) {
            for (var method : path.getValue().propertyNames()) {
                if (METHODS.contains(method)) {
                    operations.add(method.toUpperCase(Locale.ROOT) + " " + path.getKey());
                }
            }
        }
        assertEquals(ruled(Rules.ALL), operations);
        assertEquals(Rules.ALL.size(), operations.size(), "none has two");
    }

    @Test
    public void thePageHasWordsForAllThatIsNoted() throws IOException {
        var words = Files.readString(Path.of("../web/src/settings/operations.ts"));
        for (var rule : Rules.ALL) {
            if (rule.traced()) {
                assertTrue(words.contains("'" + rule.name() + "': '"), rule.name());
            }
        }
    }

    private static String address(Rules.Rule rule) {
        return rule.path()
                .replace("{kind}", "dishwasher")
                .replace("{day}", "2031-05-06")
                .replace("{number}", "1")
                .replace("{revision}", "1")
                .replaceAll("\\{[a-zA-Z]+}", UUID.randomUUID().toString());
    }

    @Test
    public void withoutASessionNothingIsThere() {
        for (var rule : Rules.ALL) {
            if (rule.least() != null) {
                var stranger = client();
                stranger.get("/api/session");
                var answer = stranger.send(rule.method().name(), address(rule), "{}", true);
                boolean signsOut = rule.name().equals("DELETE /api/session");
                assertEquals(answer.status(), signsOut ? 204 : 401, rule.name());
            }
        }
    }

    @Test
    public void whoeverIsBelowMayNotAndIsToldWhoMay() {
        var technician = signedIn("rollo");
        signedIn()
                .put(
                        "/api/colleagues/" + UUID.randomUUID(),
                        "{\"login\": \"lead-only\", \"name\": \"Lead\", \"password\": \"%s\", \"rank\": \"LEAD\"}"
                                .formatted(PASSWORD));
        var lead = signedIn("lead-only");
        for (var rule : Rules.ALL) {
            if (rule.least() == Rank.LEAD || rule.least() == Rank.OWNER) {
                refused(technician, rule);
            }
            if (rule.least() == Rank.OWNER) {
                refused(lead, rule);
            } else if (rule.least() == Rank.LEAD) {
                taken(lead, rule);
            }
            if (rule.least() == Rank.LEAD || rule.least() == Rank.OWNER) {
                taken(signedIn(), rule);
            }
        }
    }

    private static void refused(Client who, Rules.Rule rule) {
        var answer = who.send(rule.method().name(), address(rule), "{}", true);
        assertEquals(answer.kind(), "not-yours", rule.name());
        assertEquals(answer.detail(), rule.refusal());
    }

    private static void taken(Client who, Rules.Rule rule) {
        var answer = who.send(rule.method().name(), address(rule), "{}", true);
        assertNotEquals(answer.kind(), "not-yours", rule.name());
    }

    @Test
    public void whatHasNoRuleIsThereForNobody() {
        var lead = signedIn();
        assertEquals(lead.get("/api/secrets").kind(), "not-found");
        assertEquals(
                lead.send("HEAD", "/api/meters/dishwasher/bucket", null, true).status(), 404);
        assertEquals(lead.delete("/api/business").kind(), "not-found");
    }
}
