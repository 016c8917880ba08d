package grimygasket.server.older;

import grimygasket.server.customers.SearchParts;
import java.sql.SQLException;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** The parts of words that customers are found by, telephone numbers as one word among them. It can be run again. */
@Component
class V27__Numbers_joined extends BaseJavaMigration {
    private static final int ROWS_AT_ONCE = 2000;

    @Override
    public void migrate(Context context) throws SQLException {
        try (var read = context.getConnection().createStatement();
                var rows = read.executeQuery("""
                        select c.id, concat_ws(' ', c.name, c.street, c.phone,
                               (select group_concat(concat_ws(' ', m.maker, m.model, m.serial) separator ' ')
                                from machine m where m.customer_id = c.id)) as texts
                        from customer c
                        """);
                var write = context.getConnection()
                        .prepareStatement("insert ignore into search_part (part, customer_id) values (?, ?)")) {
            int waiting = 0;
            while (rows.next()) {
                for (var part : SearchParts.of(List.of(rows.getString("texts")))) {
                    write.setString(1, part);
                    write.setString(2, rows.getString("id"));
                    write.addBatch();
                    if (++waiting % ROWS_AT_ONCE == 0) {
                        write.executeBatch();
                    }
                }
            }
            write.executeBatch();
        }
    }
}
