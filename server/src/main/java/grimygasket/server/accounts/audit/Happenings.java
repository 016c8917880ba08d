package grimygasket.server.accounts.audit;

import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
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
     * A place in the trail. Several things may have happened in one millisecond.
     *
     * @param at in milliseconds since 1970
     * @param kind 1 for something beside the work on calls, 0 for a command
     * @param seq of its row
     */
    record Place(long at, int kind, long seq) {
        static final Place END = new Place(Instant.parse("9999-01-01T00:00:00Z").toEpochMilli(), 0, 0);

        private static final Pattern WRITTEN = Pattern.compile("([0-9]{1,15})-([01])-([0-9]{1,18})");

        static Place of(String written) {
            var parts = WRITTEN.matcher(written);
            if (!parts.matches()) {
                throw new Problem(Kind.NOT_FOUND, "There is nothing at this place of the trail. Open it anew.");
            }
            return new Place(
                    Long.parseLong(parts.group(1)), Integer.parseInt(parts.group(2)), Long.parseLong(parts.group(3)));
        }

        String written() {
            return at + "-" + kind + "-" + seq;
        }
    }

    /**
     * What was done before something else, to calls and otherwise, latest first.
     *
     * @param account by whom; null for everybody
     */
    List<Happening> before(Place place, @Nullable UUID account) {
        return jdbc.sql("""
                        select done.at, done.source, done.seq, a.name as `by`, d.name as device, done.address, done.operation, done.subject, done.taken,
                               done.returned,
                               s.id as `call`, c.name as customer
                        from (
                            (select at, 1 as source, seq, account_id, device, address, operation, subject, cast(subject as uuid) as call_id,
                                    status < 400 as taken, false as returned
                             from happening
                             where (at < :moment or at = :moment and (1, seq) < (:kind, :seq))
                               and (:account is null or account_id = :account)
                             order by at desc, seq desc limit :most)
                            union all
                            (select received_at, 0, seq, account_id, device, null, kind, '', call_id, outcome in ('APPLIED', 'SAME'),
                                    returned
                             from command_log
                             where (received_at < :moment or received_at = :moment and (0, seq) < (:kind, :seq))
                               and (:account is null or account_id = :account) and kind <> 'repeat'
                             order by received_at desc, seq desc limit :most)
                        ) done
                        left join account a on a.id = done.account_id
                        left join device d on d.id = done.device
                        left join service_call s on s.id = done.call_id
                        left join machine m on m.id = s.machine_id
                        left join customer c on c.id = m.customer_id
                        order by done.at desc, done.source desc, done.seq desc limit :most
                        """)
                .param("moment", Instant.ofEpochMilli(place.at))
                .param("kind", place.kind)
                .param("seq", place.seq)
                .param("account", account)
                .param("most", MOST_AT_ONCE)
                .query((row, number) -> new Happening(
                        new Place(row.getTimestamp("at").getTime(), row.getInt("source"), row.getLong("seq")).written(),
                        row.getTimestamp("at").getTime(),
                        row.getString("by"),
                        row.getString("device"),
                        row.getString("address"),
                        row.getString("operation"),
                        row.getString("subject"),
                        row.getBoolean("taken"),
                        row.getBoolean("returned"),
                        row.getObject("call", UUID.class),
                        row.getString("customer")))
                .list();
    }
}
