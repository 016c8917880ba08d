package grimygasket.server;

import java.util.stream.IntStream;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Counts the statements that the database is asked, beside those that begin and end transactions. */
public record Statements(JdbcClient jdbc) {
    /** How many statements an answer takes; the least of some tries, as the server looks after its sessions meanwhile. */
    public long of(Runnable request) {
        return least("Com_select", "Com_insert", "Com_update", "Com_delete", request);
    }

    /** How many of them write. */
    public long writes(Runnable request) {
        return least("Com_insert", "Com_update", "Com_delete", "Com_replace", request);
    }

    private long least(String a, String b, String c, String d, Runnable request) {
        return IntStream.range(0, 3)
                .mapToLong(i -> {
                    long before = count(a, b, c, d);
                    request.run();
                    return count(a, b, c, d) - before;
                })
                .min()
                .orElseThrow();
    }

    private long count(String... counters) {
        return jdbc
                .sql("show global status where Variable_name in (:counters)")
                .param("counters", java.util.List.of(counters))
                .query((row, number) -> row.getLong("Value"))
                .list()
                .stream()
                .mapToLong(Long::longValue)
                .sum();
    }
}
