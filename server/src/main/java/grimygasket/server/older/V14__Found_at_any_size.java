package grimygasket.server.older;

import java.sql.SQLException;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/**
 * Indexes for what is asked across many calls, a count of the calls of each version of the know-how, and a table for the parts of words
 * that customers are found by, which V27 fills. Each statement can be run again.
 */
@Component
class V14__Found_at_any_size extends BaseJavaMigration {
    private static final List<String> STATEMENTS = List.of(
            "create index if not exists service_call_open on service_call (account_id, closed_at, day)",
            "create index if not exists service_call_of_machine on service_call (machine_id, closed_at)",
            """
            create table if not exists knowhow_use (
                kind varchar(40) not null,
                number int not null,
                calls int not null,
                primary key (kind, number)
            )
            """,
            """
            replace into knowhow_use (kind, number, calls)
            select m.kind, c.revision, count(*)
            from service_call c join machine m on m.id = c.machine_id group by m.kind, c.revision
            """,
            """
            create table if not exists search_part (
                part varchar(16) not null,
                customer_id uuid not null,
                primary key (part, customer_id),
                key search_part_customer (customer_id)
            )
            """);

    @Override
    public void migrate(Context context) throws SQLException {
        try (var statement = context.getConnection().createStatement()) {
            for (var sql : STATEMENTS) {
                statement.execute(sql);
            }
        }
    }
}
