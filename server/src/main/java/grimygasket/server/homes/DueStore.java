package grimygasket.server.homes;

import grimygasket.call.Call;
import grimygasket.call.change.Customer;
import grimygasket.server.calls.records.FollowsCalls;
import grimygasket.server.customers.CustomerRows;
import grimygasket.server.web.ByOwner;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What machines are due for. It follows from the last closed call about each, and is worked out when it is asked for. */
@Repository
class DueStore implements FollowsCalls {
    private static final int MOST = 200;
    /** Few machines are due for more than so many things; where many are, fewer machines are listed. */
    private static final int MOST_TASKS = 8;
    /** So many machines are worked out in the time that somebody waits. */
    private static final int AT_ONCE = 100;

    /** Of a machine m. */
    private static final String IS_TO_WORK_OUT = """
            not m.dues_known
            and exists (select 1 from service_call c
                        where c.machine_id = m.id and c.closed_at is not null and not c.cancelled)
            """;

    private final JdbcClient jdbc;

    DueStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** @param day when it is to be done next */
    record NextDate(String task, LocalDate day) {}

    /**
     * @param kind id of its pack
     * @param openCall about this machine; null for none
     * @param tasks earliest first
     */
    record DueMachine(
            UUID machineId,
            Customer customer,
            String kind,
            String maker,
            String model,
            @Nullable UUID openCall,
            List<NextDate> tasks) {}

    private record Row(
            UUID id,
            Customer customer,
            String kind,
            String maker,
            String model,
            @Nullable UUID openCall) {}

    @Override
    public void follow(Call before, Call after) {
        if (!Objects.equals(before.head().closing(), after.head().closing())) {
            jdbc.sql("update machine set dues_known = false where id = :id")
                    .param("id", after.machine().id())
                    .update();
        }
    }

    /**
     * The last closed call about each of some machines of which it has not been worked out what they are due for. Machines that somebody
     * else is working out are left to them.
     *
     * @param machine the only one that is asked about; null for all
     */
    List<UUID> toWorkOut(@Nullable UUID machine) {
        return jdbc.sql("""
                        select (select c.id from service_call c
                                where c.machine_id = m.id and c.closed_at is not null and not c.cancelled
                                order by c.closed_at desc limit 1) as call_id
                        from machine m
                        where (:machine is null or m.id = :machine) and %s
                        order by m.id limit :most for update skip locked
                        """.formatted(IS_TO_WORK_OUT))
                .param("machine", machine)
                .param("most", AT_ONCE)
                .query(UUID.class)
                .list();
    }

    /** Whether all machines are worked out; those that somebody else is working out are not yet. */
    boolean isComplete() {
        return jdbc.sql("select not exists (select 1 from machine m where %s)".formatted(IS_TO_WORK_OUT))
                .query(Boolean.class)
                .single();
    }

    void keep(UUID machine, List<NextDate> dues) {
        jdbc.sql("delete from due where machine_id = :machine")
                .param("machine", machine)
                .update();
        for (var due : dues) {
            jdbc.sql("replace into due (machine_id, task, day) values (:machine, :task, :day)")
                    .param("machine", machine)
                    .param("task", due.task)
                    .param("day", due.day)
                    .update();
        }
        jdbc.sql("update machine set dues_known = true where id = :machine")
                .param("machine", machine)
                .update();
    }

    /** Machines for which something is due until a day, the longest due first. */
    List<DueMachine> until(LocalDate day) {
        var rows = jdbc.sql("""
                        select m.id as machine_id, m.kind, m.maker, m.model, %s,
                               (select o.id from service_call o where o.machine_id = m.id and o.closed_at is null
                                order by o.day limit 1) as open_call
                        from (select machine_id, min(day) as first
                              from (select machine_id, day from due where day <= :day
                                    order by day, machine_id limit :rows) soonest
                              group by machine_id order by first, machine_id limit :most) d
                        join machine m on m.id = d.machine_id
                        join customer k on k.id = m.customer_id
                        left join address a on a.id = m.address_id
                        order by d.first, d.machine_id
                        """.formatted(CustomerRows.OF_A_MACHINE))
                .param("day", day)
                .param("most", MOST)
                .param("rows", MOST * MOST_TASKS)
                .query((row, number) -> new Row(
                        row.getObject("machine_id", UUID.class),
                        CustomerRows.ofAMachine(row),
                        row.getString("kind"),
                        row.getString("maker"),
                        row.getString("model"),
                        row.getObject("open_call", UUID.class)))
                .list();
        var tasks = ByOwner.read(
                jdbc,
                "select machine_id as owner, task, day from due where machine_id in (:owners) order by day, task",
                rows.stream().map(Row::id).toList(),
                (row, number) -> new NextDate(row.getString("task"), row.getObject("day", LocalDate.class)));
        return rows.stream()
                .map(row -> new DueMachine(
                        row.id,
                        row.customer,
                        row.kind,
                        row.maker,
                        row.model,
                        row.openCall,
                        tasks.getOrDefault(row.id, List.of()).stream()
                                .filter(due -> !due.day.isAfter(day))
                                .toList()))
                .toList();
    }

    /** What one machine is due for, whenever that is. */
    List<NextDate> of(UUID machine) {
        return jdbc.sql("select task, day from due where machine_id = :machine order by day, task")
                .param("machine", machine)
                .query(NextDate.class)
                .list();
    }
}
