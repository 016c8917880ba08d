package grimygasket.server.calls.records;

import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Complaint;
import grimygasket.call.Confirmed;
import grimygasket.call.Entry;
import grimygasket.call.Head;
import grimygasket.call.Line;
import grimygasket.call.PartUse;
import grimygasket.call.Photo;
import grimygasket.call.change.Command;
import grimygasket.pack.machine.Rating;
import grimygasket.route.Window;
import grimygasket.server.calls.records.CommandLog.Before;
import grimygasket.server.customers.CustomerRows;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Calls on file. What is asked for across calls (whose round, which day, closed or not) stands in columns, and the rest of a
 * call's record as one JSON text beside them; a call is read, with its machine and customer, by one statement.
 */
@Repository
public class CallStore {
    static final String NOT_ON_FILE = "This call is not on file.";

    private static final int MOST_LEFT_OPEN = 100;
    private static final int MOST_OF_EVERYBODY = 1000;
    /** Of what was done on a machine before, nobody looks further back. */
    private static final int MOST_EARLIER = 30;

    private static final String COLUMNS = """
            select c.id, c.visit_id, c.account_id, c.day, c.planned_at, c.promised_from, c.promised_until, c.revision, c.follows, c.upkeep, c.closed_at,
                   c.closed_by, c.sign_off, c.cancelled, c.advice, c.version, c.record,
                   m.id as machine_id, m.kind, m.maker, m.model, m.serial, m.place, m.version as machine_version,
                   (select json_arrayagg(f.feature order by f.feature) from machine_feature f
                    where f.machine_id = m.id) as features,
                   (select json_objectagg(r.rating, r.value) from machine_rating r
                    where r.machine_id = m.id) as ratings,
                   %s,
                   not exists (select 1 from service_call o where o.visit_id = c.visit_id and o.id <> c.id) as alone
            """.formatted(CustomerRows.OF_A_MACHINE);

    private static final String TABLES = """

            from service_call c
            join machine m on m.id = c.machine_id
            join customer k on k.id = m.customer_id
            left join address a on a.id = m.address_id
            """;

    private static final String CALLS = COLUMNS + TABLES;

    /** Bound to the call, so that it is read once the call is locked; and not locked itself, which would hold up others. */
    private static final String BEFORE = """
            , (select log.body from command_log log where log.id = :command and log.call_id = c.id) as body
            , (select log.detail from command_log log where log.id = :command and log.call_id = c.id) as detail
            , (select log.received_at from command_log log where log.call_id = c.id order by log.seq desc limit 1) as last
            , (select log.made_at from command_log log where log.call_id = c.id order by log.seq limit 1) as first
            , (select log.made_at from command_log log where log.call_id = c.id and log.device = :device and log.kind <> 'repeat'
               order by log.seq desc limit 1) as of_device
            """;

    private final JdbcClient jdbc;
    private final JsonMapper json;

    CallStore(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** What of a call's record stands in no column; what is left out is empty. */
    record Kept(
            List<Complaint> complaints,
            List<Entry> story,
            List<Confirmed> cautions,
            List<Line<?>> lines,
            List<PartUse> parts,
            List<Photo> photos,
            Map<UUID, Integer> changes) {
        Kept {
            complaints = complaints == null ? List.of() : complaints;
            story = story == null ? List.of() : story;
            cautions = cautions == null ? List.of() : cautions;
            lines = lines == null ? List.of() : lines;
            parts = parts == null ? List.of() : parts;
            photos = photos == null ? List.of() : photos;
            changes = changes == null ? Map.of() : changes;
        }

        static Kept of(Call call) {
            return new Kept(
                    call.complaints(),
                    call.story(),
                    call.cautions(),
                    call.lines(),
                    call.parts(),
                    call.photos(),
                    call.changes());
        }
    }

    /** A call on anybody's round: colleagues work on a call together. */
    public Filed call(UUID id) {
        return find(id).orElseThrow(CallStore::notOnFile);
    }

    public Optional<Filed> find(UUID id) {
        return jdbc.sql(CALLS + "where c.id = :id")
                .param("id", id)
                .query(this::filed)
                .optional();
    }

    /**
     * A call, locked until the transaction ends.
     *
     * @param before what became of its command before; null for one that is new
     * @param last when the last command to it was received; null if there was none
     * @param first when it was put on file, by the clock of whoever did; null for one of a version that did not note it
     * @param ofDevice when the last command of the same device was made; null if there was none
     */
    public record Locked(
            Filed filed,
            @Nullable Before before,
            @Nullable Instant last,
            @Nullable Instant first,
            @Nullable Instant ofDevice) {}

    /** The call of a command, with what became of the command before, should it be a repeat. */
    public Locked locked(Command command) {
        return jdbc.sql(COLUMNS + BEFORE + TABLES + "where c.id = :id for update")
                .param("id", command.call())
                .param("command", command.id())
                .param("device", command.device())
                .query((row, number) -> new Locked(
                        filed(row, number),
                        Before.of(row),
                        instant(row, "last"),
                        instant(row, "first"),
                        instant(row, "of_device")))
                .optional()
                .orElseThrow(CallStore::notOnFile);
    }

    private static Problem notOnFile() {
        return new Problem(Kind.NOT_FOUND, NOT_ON_FILE);
    }

    /** In the order of the day. */
    public List<Filed> onDay(UUID accountId, LocalDate day) {
        return jdbc.sql(CALLS + "where c.account_id = :accountId and c.day = :day order by c.planned_at, c.id")
                .param("accountId", accountId)
                .param("day", day)
                .query(this::filed)
                .list();
    }

    /** Everybody's, and nobody's, in the order of the day. */
    public List<Filed> onDay(LocalDate day) {
        return jdbc.sql(CALLS + "where c.day = :day order by c.planned_at, c.id")
                .param("day", day)
                .query(this::filed)
                .list();
    }

    /** Everybody's, and nobody's, that are still open; so many as anybody looks at. */
    public List<Filed> openBetween(LocalDate first, LocalDate last) {
        return jdbc.sql(CALLS + """
                        where c.day between :first and :last and c.closed_at is null
                        order by c.day, c.planned_at, c.id limit :most
                        """)
                .param("first", first)
                .param("last", last)
                .param("most", MOST_OF_EVERYBODY)
                .query(this::filed)
                .list();
    }

    /** Those of earlier days that are still open, the oldest first, as far as anybody looks. */
    public List<Filed> openBefore(UUID accountId, LocalDate day) {
        return jdbc.sql(CALLS + """
                        where c.account_id = :accountId and c.day < :day and c.closed_at is null
                        order by c.day, c.planned_at, c.id limit :most
                        """)
                .param("most", MOST_LEFT_OPEN)
                .param("accountId", accountId)
                .param("day", day)
                .query(this::filed)
                .list();
    }

    /** Those of some days, and those of earlier ones that are still open, as far as anybody looks. */
    public List<Filed> near(UUID accountId, LocalDate first, LocalDate last) {
        return Stream.concat(
                        openBefore(accountId, first).stream(),
                        jdbc
                                .sql(CALLS + "where c.account_id = :accountId and c.day between :first and :last")
                                .param("accountId", accountId)
                                .param("first", first)
                                .param("last", last)
                                .query(this::filed)
                                .list()
                                .stream())
                .toList();
    }

    /** Those of some ids that are on file. */
    public List<Filed> calls(Collection<UUID> ids) {
        return ids.isEmpty()
                ? List.of()
                : jdbc.sql(CALLS + "where c.id in (:ids)")
                        .param("ids", ids)
                        .query(this::filed)
                        .list();
    }

    /** The calls about a machine, latest first, as far back as anybody looks. */
    public List<Filed> about(UUID machine) {
        return jdbc.sql(CALLS + "where m.id = :machine order by c.day desc, c.planned_at desc, c.id limit :most")
                .param("machine", machine)
                .param("most", MOST_EARLIER)
                .query(this::filed)
                .list();
    }

    /** Ids of a customer's calls, in the order of their days. */
    public List<UUID> ofCustomer(UUID customer) {
        return jdbc.sql("""
                        select c.id from service_call c join machine m on m.id = c.machine_id
                        where m.customer_id = :customer order by c.day, c.planned_at, c.id
                        """).param("customer", customer).query(UUID.class).list();
    }

    /** Ids of a customer's calls that are not closed. */
    public List<UUID> openOf(UUID customer) {
        return jdbc.sql("""
                        select c.id from service_call c join machine m on m.id = c.machine_id
                        where m.customer_id = :customer and c.closed_at is null
                        """).param("customer", customer).query(UUID.class).list();
    }

    /** The other calls of a visit. */
    public List<Filed> beside(Filed one) {
        var head = one.call().head();
        return one.isAlone()
                ? List.of()
                : jdbc.sql(CALLS + "where c.visit_id = :visitId and c.id <> :id order by c.id")
                        .param("visitId", head.visitId())
                        .param("id", head.id())
                        .query(this::filed)
                        .list();
    }

    /** Machine to the last closed calls about it, latest first. */
    public Map<UUID, List<Call>> closedOf(Collection<UUID> machines) {
        if (machines.isEmpty()) {
            return Map.of();
        }
        return jdbc
                .sql(CALLS + """
                        where c.id in (
                            select id from (
                                select id, row_number() over (partition by machine_id order by closed_at desc) as back
                                from service_call where machine_id in (:machines) and closed_at is not null) last
                            where back <= :most)
                        order by c.closed_at desc
                        """)
                .param("machines", machines)
                .param("most", MOST_EARLIER)
                .query(this::filed)
                .list()
                .stream()
                .map(Filed::call)
                .collect(Collectors.groupingBy(call -> call.machine().id(), LinkedHashMap::new, Collectors.toList()));
    }

    /** The calls in a home that are not closed, earliest first. */
    public List<Call> openAt(UUID customer) {
        return jdbc
                .sql(CALLS + """
                        where k.id = :customer and c.closed_at is null
                        order by c.day, c.planned_at, c.id
                        limit :most
                        """)
                .param("customer", customer)
                .param("most", MOST_EARLIER)
                .query(this::filed)
                .list()
                .stream()
                .map(Filed::call)
                .toList();
    }

    /** Puts a call on file; one with its id is left as it is. */
    public boolean addIfNew(Call call) {
        boolean added = jdbc.sql("""
                                insert ignore into service_call
                                    (id, visit_id, machine_id, account_id, day, planned_at, promised_from, promised_until, revision, follows, upkeep,
                                     closed_at, closed_by, sign_off, cancelled, advice, version, record)
                                values (:id, :visitId, :machineId, :accountId, :day, :plannedAt, :promisedFrom, :promisedUntil, :revision, :follows, :upkeep,
                                        :closedAt, :closedBy, :signOff, :cancelled, :advice, :version, :record)
                                """)
                        .param("visitId", call.head().visitId())
                        .param("machineId", call.machine().id())
                        .param("revision", call.head().revision())
                        .param("follows", call.head().follows())
                        .params(changing(call))
                        .update()
                == 1;
        if (added) {
            jdbc.sql("""
                            insert into knowhow_use (kind, number, calls) values (:kind, :number, 1)
                            on duplicate key update calls = calls + 1
                            """)
                    .param("kind", call.machine().kind())
                    .param("number", call.head().revision())
                    .update();
        }
        return added;
    }

    /** Keeps a call as it has become. */
    public void keep(Call call) {
        jdbc.sql("""
                        update service_call
                        set account_id = :accountId, day = :day, planned_at = :plannedAt,
                            promised_from = :promisedFrom, promised_until = :promisedUntil, upkeep = :upkeep, closed_at = :closedAt, closed_by = :closedBy,
                            sign_off = :signOff, cancelled = :cancelled, advice = :advice, version = :version, record = :record
                        where id = :id
                        """).params(changing(call)).update();
    }

    private Map<String, Object> changing(Call call) {
        var head = call.head();
        var closing = head.closing();
        var columns = new LinkedHashMap<String, Object>();
        columns.put("id", head.id());
        columns.put("accountId", head.accountId());
        columns.put("day", LocalDate.ofEpochDay(head.day()));
        columns.put("plannedAt", LocalTime.ofSecondOfDay(head.plannedAt() * 60L));
        columns.put(
                "promisedFrom", head.promised() == null ? null : head.promised().from());
        columns.put(
                "promisedUntil",
                head.promised() == null ? null : head.promised().until());
        columns.put("upkeep", head.upkeep());
        columns.put("closedAt", closing == null ? null : Instant.ofEpochMilli(closing.at()));
        columns.put("closedBy", closing == null ? null : closing.by());
        columns.put("signOff", closing == null ? null : closing.signOff());
        columns.put("cancelled", closing != null && closing.cancelled());
        columns.put("advice", head.advice());
        columns.put("version", head.version());
        columns.put("record", json.writeValueAsString(Kept.of(call)));
        return columns;
    }

    private Filed filed(ResultSet row, int number) throws SQLException {
        var kept = json.readValue(row.getString("record"), Kept.class);
        return new Filed(
                new Call(
                        head(row),
                        machine(row),
                        kept.complaints,
                        kept.story,
                        kept.cautions,
                        kept.lines,
                        kept.parts,
                        kept.photos,
                        kept.changes),
                CustomerRows.ofAMachine(row),
                row.getBoolean("alone"));
    }

    private static @Nullable Instant instant(ResultSet row, String column) throws SQLException {
        var at = row.getTimestamp(column);
        return at == null ? null : at.toInstant();
    }

    private static @Nullable Window promised(ResultSet row) throws SQLException {
        int from = row.getInt("promised_from");
        return row.wasNull() ? null : new Window(from, row.getInt("promised_until"));
    }

    private static Head head(ResultSet row) throws SQLException {
        var closedAt = row.getTimestamp("closed_at");
        return new Head(
                row.getObject("id", UUID.class),
                row.getObject("visit_id", UUID.class),
                row.getObject("account_id", UUID.class),
                row.getObject("day", LocalDate.class).toEpochDay(),
                row.getObject("planned_at", LocalTime.class).toSecondOfDay() / 60,
                promised(row),
                row.getInt("revision"),
                row.getObject("follows", UUID.class),
                row.getBoolean("upkeep"),
                closedAt == null
                        ? null
                        : new Head.Closed(
                                closedAt.getTime(),
                                row.getString("closed_by"),
                                row.getString("sign_off"),
                                row.getBoolean("cancelled")),
                row.getString("advice"),
                row.getInt("version"));
    }

    private CallMachine machine(ResultSet row) throws SQLException {
        var features = row.getString("features");
        var ratings = row.getString("ratings");
        return new CallMachine(
                row.getObject("machine_id", UUID.class),
                row.getString("kind"),
                row.getString("maker"),
                row.getString("model"),
                row.getString("serial"),
                row.getString("place"),
                features == null ? List.of() : json.readValue(features, new TypeReference<List<String>>() {}),
                ratings == null ? Map.of() : json.readValue(ratings, new TypeReference<Map<Rating, Double>>() {}),
                row.getInt("machine_version"));
    }
}
