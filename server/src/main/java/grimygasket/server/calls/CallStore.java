package grimygasket.server.calls;

import grimygasket.server.web.ByOwner;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class CallStore {
    private static final String COLUMNS = """
            select machine_id as owner, id, visit_id, machine_id, account_id, day, planned_at, revision, follows, upkeep, closed_at, closed_by,
                   sign_off, advice, version
            from service_call
            """;

    private final JdbcClient jdbc;
    private final Clock clock;

    CallStore(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A call on anybody's round: colleagues work on a call together. */
    ServiceCall call(UUID id) {
        return find(id).orElseThrow(CallStore::notOnFile);
    }

    Optional<ServiceCall> find(UUID id) {
        return jdbc.sql(COLUMNS + "where id = :id")
                .param("id", id)
                .query(ServiceCall.class)
                .optional();
    }

    private static Problem notOnFile() {
        return new Problem(Kind.NOT_FOUND, "This call is not on file.");
    }

    /** The call, locked until the transaction ends, and refused if it is closed. */
    ServiceCall open(UUID id) {
        var call = jdbc.sql(COLUMNS + "where id = :id for update")
                .param("id", id)
                .query(ServiceCall.class)
                .optional()
                .orElseThrow(CallStore::notOnFile);
        if (call.closedAt() != null) {
            throw new Problem(Kind.CLOSED, "This call is closed. Open it again to change it.");
        }
        return call;
    }

    List<ServiceCall> onDay(UUID accountId, LocalDate day) {
        return jdbc.sql(COLUMNS + "where account_id = :accountId and day = :day order by planned_at, id")
                .param("accountId", accountId)
                .param("day", day)
                .query(ServiceCall.class)
                .list();
    }

    List<ServiceCall> openBefore(UUID accountId, LocalDate day) {
        return jdbc.sql(COLUMNS + """
                                where account_id = :accountId and day < :day and closed_at is null
                                order by day, planned_at, id
                                """)
                .param("accountId", accountId)
                .param("day", day)
                .query(ServiceCall.class)
                .list();
    }

    /** The other calls of a visit. */
    List<ServiceCall> beside(ServiceCall call) {
        return jdbc.sql(COLUMNS + "where visit_id = :visitId and id <> :id order by id")
                .param("visitId", call.visitId())
                .param("id", call.id())
                .query(ServiceCall.class)
                .list();
    }

    /** Adds a call; one with that id is left as it is. */
    void addIfNew(NewCall call, UUID id, UUID accountId, int revision) {
        jdbc.sql("""
                        insert ignore into service_call
                            (id, visit_id, machine_id, account_id, day, planned_at, revision, follows, upkeep)
                        values (:id, :visitId, :machineId, :accountId, :day, :plannedAt, :revision, :follows, :upkeep)
                        """)
                .param("id", id)
                .param("visitId", call.visitId() == null ? id : call.visitId())
                .param("machineId", call.machine().id())
                .param("accountId", accountId)
                .param("day", call.day())
                .param("plannedAt", call.plannedAt())
                .param("revision", revision)
                .param("follows", call.follows())
                .param("upkeep", call.upkeep())
                .update();
    }

    /** Adds a call that was made elsewhere. */
    void bringIn(ServiceCall call) {
        jdbc.sql("""
                        insert into service_call
                            (id, visit_id, machine_id, account_id, day, planned_at, revision, follows, upkeep,
                             closed_at, closed_by, sign_off, advice, version)
                        values (:id, :visitId, :machineId, :accountId, :day, :plannedAt, :revision, :follows, :upkeep,
                                :closedAt, :closedBy, :signOff, :advice, :version)
                        """)
                .param("id", call.id())
                .param("visitId", call.visitId())
                .param("machineId", call.machineId())
                .param("accountId", call.accountId())
                .param("day", call.day())
                .param("plannedAt", call.plannedAt())
                .param("revision", call.revision())
                .param("follows", call.follows())
                .param("upkeep", call.upkeep())
                .param("closedAt", call.closedAt())
                .param("closedBy", call.closedBy())
                .param("signOff", call.signOff())
                .param("advice", call.advice())
                .param("version", call.version())
                .update();
    }

    /** Marks the call as changed, so that another screen that wants to close it sees that it has moved on. */
    void touch(UUID id) {
        jdbc.sql("update service_call set version = version + 1 where id = :id")
                .param("id", id)
                .update();
    }

    /** A fault was seen on the way: the call is for more than upkeep from now on. */
    void seesFault(UUID id) {
        jdbc.sql("update service_call set upkeep = false, version = version + 1 where id = :id and upkeep")
                .param("id", id)
                .update();
    }

    void plan(UUID id, LocalDate day, LocalTime at) {
        jdbc.sql("update service_call set day = :day, planned_at = :at, version = version + 1 where id = :id")
                .param("day", day)
                .param("at", at)
                .param("id", id)
                .update();
    }

    /** Closes the call if it still has that version. */
    boolean close(UUID id, int version, String by, String signOff, String advice) {
        return jdbc.sql("""
                                update service_call
                                set closed_at = :now, closed_by = :by, sign_off = :signOff, advice = :advice, version = version + 1
                                where id = :id and version = :version and closed_at is null
                                """)
                        .param("now", clock.instant())
                        .param("by", by)
                        .param("signOff", signOff)
                        .param("advice", advice)
                        .param("id", id)
                        .param("version", version)
                        .update()
                == 1;
    }

    void reopen(UUID id) {
        jdbc.sql(
                        "update service_call set closed_at = null, closed_by = null, sign_off = null, version = version + 1 where id = :id")
                .param("id", id)
                .update();
    }

    /** The closed calls about a machine, latest first. */
    List<ServiceCall> closedOf(UUID machineId) {
        return closedOf(List.of(machineId)).getOrDefault(machineId, List.of());
    }

    /** Machine to the closed calls about it, latest first. */
    Map<UUID, List<ServiceCall>> closedOf(Collection<UUID> machines) {
        return ByOwner.read(
                jdbc,
                COLUMNS + "where machine_id in (:owners) and closed_at is not null order by closed_at desc",
                machines,
                ServiceCall.class);
    }
}
