package grimygasket.server.setup;

import grimygasket.route.Location;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.BusinessStore.Business;
import grimygasket.server.accounts.Rank;
import grimygasket.server.customers.CustomerSearch;
import grimygasket.server.shelf.PartSearch;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Locale;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.init.ResourceDatabasePopulator;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Fills an empty installation, with the first account, and with demo data if wanted, before its port opens: what answers is
 * ready.
 */
@Component
class FirstStart implements SmartInitializingSingleton {
    private static final long MINUTE = 60_000;

    /** The demo's technician, and the first account of an empty installation. */
    /** What a business is called until somebody gives it its name. */
    static final String UNNAMED = "My business";

    private static final UUID FIRST_ACCOUNT = UUID.fromString("0193a000-0000-7000-8000-000000000001");

    /** What an hour of work is worth, until somebody says otherwise; as the minutes of a second visit an estimate. */
    private static final BigDecimal HOUR = new BigDecimal("66.00");

    private static final int RETURN_TRIP_MINUTES = 50;
    private static final int MAINS_VOLTS = 230;
    private static final int DAY_FROM = 8 * 60;
    private static final int DAY_UNTIL = 17 * 60;

    /** The demo's town is made up, and lies where there is only sea. */
    private static final Location QUAY = new Location(54.0, 2.0);

    /** The demo's other technicians, by the names with which they sign in. */
    private enum Colleague {
        ROLLO("Rollo Fenn"),
        JORY("Jory Pellam"),
        TAMSIN("Tamsin Orle"),
        EBBA("Ebba Stroud");

        private final String called;

        Colleague(String called) {
            this.called = called;
        }

        UUID id() {
            return new UUID(
                    FIRST_ACCOUNT.getMostSignificantBits(), FIRST_ACCOUNT.getLeastSignificantBits() + 1 + ordinal());
        }
    }

    private final AccountStore accounts;
    private final BusinessStore business;
    private final CustomerSearch search;
    private final PartSearch partSearch;
    private final DataSource dataSource;
    private final JdbcClient jdbc;
    private final JsonMapper json;
    private final Clock clock;
    private final boolean demo;
    private final String login;
    private final String password;

    FirstStart(
            AccountStore accounts,
            BusinessStore business,
            CustomerSearch search,
            PartSearch partSearch,
            DataSource dataSource,
            JdbcClient jdbc,
            JsonMapper json,
            Clock clock,
            @Value("${GASKET_DEMO:false}") boolean demo,
            @Value("${GASKET_FIRST_LOGIN:}") String login,
            @Value("${GASKET_FIRST_PASSWORD:}") String password) {
        this.accounts = accounts;
        this.business = business;
        this.search = search;
        this.partSearch = partSearch;
        this.dataSource = dataSource;
        this.jdbc = jdbc;
        this.json = json;
        this.clock = clock;
        this.demo = demo;
        this.login = login;
        this.password = password;
    }

    @Override
    @Transactional
    public void afterSingletonsInstantiated() {
        if (login.isBlank() || !accounts.isEmpty()) {
            return;
        }
        business.set(demo ? demoBusiness() : ownBusiness());
        accounts.put(FIRST_ACCOUNT, login, demo ? "Maren Tolliver" : login, password, Rank.OWNER);
        if (demo) {
            for (var one : Colleague.values()) {
                accounts.put(one.id(), one.name().toLowerCase(Locale.ROOT), one.called, password, Rank.TECHNICIAN);
            }
            loadDemo();
        }
    }

    private Business demoBusiness() {
        return new Business(
                "Tidewrack Appliance Care",
                "EUR",
                HOUR,
                RETURN_TRIP_MINUTES,
                MAINS_VOLTS,
                zone(),
                "4 Slipway Row\nTidewrack Quay",
                "01632 960 140",
                "hello@tidewrack.example",
                "TQ 704 118",
                new BigDecimal("20.00"),
                12,
                true,
                DAY_FROM,
                DAY_UNTIL,
                QUAY.latitude(),
                QUAY.longitude());
    }

    /** What somebody begins with who has entered nothing yet. */
    private Business ownBusiness() {
        return new Business(
                UNNAMED,
                "EUR",
                HOUR,
                RETURN_TRIP_MINUTES,
                MAINS_VOLTS,
                zone(),
                "",
                "",
                "",
                "",
                BigDecimal.ZERO,
                0,
                false,
                DAY_FROM,
                DAY_UNTIL,
                null,
                null);
    }

    /** Where this machine is, until the settings say otherwise. */
    private String zone() {
        var here = clock.getZone().getId();
        return ZoneId.getAvailableZoneIds().contains(here) ? here : "UTC";
    }

    /** The script speaks of today and of minutes ago, as seen where the business works. */
    private void loadDemo() {
        var zone = ZonedDateTime.now(clock).getOffset().getId().replace("Z", "+00:00");
        var script = new ResourceDatabasePopulator(
                new ByteArrayResource(("set time_zone = '" + zone + "';").getBytes()),
                new ClassPathResource("demo/round.sql"),
                new ClassPathResource("demo/colleagues.sql"),
                new ClassPathResource("demo/logo.sql"),
                new ByteArrayResource("set time_zone = '+00:00';".getBytes()));
        script.setSqlScriptEncoding("UTF-8");
        script.execute(dataSource);
        loadRecords("demo/records.json");
        loadRecords("demo/colleagues.json");
        search.noteAllParts();
        partSearch.noteAll();
    }

    /** What the demo's calls hold; their times are in minutes from now. */
    private void loadRecords(String file) {
        try (var in = new ClassPathResource(file).getInputStream()) {
            for (var record : json.readTree(in).properties()) {
                fromNow(record.getValue());
                jdbc.sql("update service_call set record = :record where id = :id")
                        .param("record", json.writeValueAsString(record.getValue()))
                        .param("id", UUID.fromString(record.getKey()))
                        .update();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void fromNow(JsonNode node) {
        if (node instanceof ObjectNode object && object.path("at").isNumber()) {
            object.put("at", clock.millis() + object.path("at").asLong() * MINUTE);
        }
        node.forEach(this::fromNow);
    }
}
