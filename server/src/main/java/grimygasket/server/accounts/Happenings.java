package grimygasket.server.accounts;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/**
 * What people did beside the work on calls: sign-ins, refusals, settings, files in and out. Rows are only ever added; the database
 * sees to it. What was done to calls stands in the log of commands.
 */
@Repository
class Happenings {
    private static final int MOST_AT_ONCE = 100;

    private final JdbcClient jdbc;
    private final Clock clock;

    Happenings(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /**
     * @param account null where nobody was known
     * @param operation its method and the pattern of its path
     * @param subject what stands in the path for the parts of its pattern
     * @param status that was answered
     */
    void add(
            @Nullable UUID account,
            @Nullable UUID device,
            String address,
            String operation,
            String subject,
            int status) {
        jdbc.sql("""
                        insert into happening (at, account_id, device, address, operation, subject, status)
                        values (:at, :account, :device, left(:address, 45), :operation, left(:subject, 200), :status)
                        """)
                .param("at", clock.instant())
                .param("account", account)
                .param("device", device)
                .param("address", address)
                .param("operation", operation)
                .param("subject", subject)
                .param("status", status)
                .update();
    }

    /**
     * What was done before a moment, to calls and otherwise, latest first.
     *
     * @param account by whom; null for everybody
     */
    List<Happening> before(Instant moment, @Nullable UUID account) {
        return jdbc.sql("""
                        select done.at, a.name as `by`, d.name as device, done.address, done.operation, done.subject, done.taken,
                               s.id as `call`, c.name as customer
                        from (
                            (select at, account_id, device, address, operation, subject, cast(subject as uuid) as call_id,
                                    status < 400 as taken
                             from happening
                             where at < :moment and (:account is null or account_id = :account)
                             order by at desc limit :most)
                            union all
                            (select received_at, account_id, device, null, kind, '', call_id, outcome in ('APPLIED', 'SAME')
                             from command_log
                             where received_at < :moment and (:account is null or account_id = :account) and kind <> 'repeat'
                             order by received_at desc limit :most)
                        ) done
                        left join account a on a.id = done.account_id
                        left join device d on d.id = done.device
                        left join service_call s on s.id = done.call_id
                        left join machine m on m.id = s.machine_id
                        left join customer c on c.id = m.customer_id
                        order by done.at desc limit :most
                        """)
                .param("moment", moment)
                .param("account", account)
                .param("most", MOST_AT_ONCE)
                .query((row, number) -> new Happening(
                        row.getTimestamp("at").getTime(),
                        row.getString("by"),
                        row.getString("device"),
                        row.getString("address"),
                        row.getString("operation"),
                        row.getString("subject"),
                        row.getBoolean("taken"),
                        row.getObject("call", UUID.class),
                        row.getString("customer")))
                .list();
    }
}
