package grimygasket.server.older;

import java.sql.SQLException;
import java.time.ZoneId;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** The time zone of the business, so far that of the machine the application runs on. Each statement can be run again. */
@Component
class V18__Where_the_business_works extends BaseJavaMigration {
    @Override
    public void migrate(Context context) throws SQLException {
        var here = ZoneId.systemDefault().getId();
        try (var add = context.getConnection()
                        .prepareStatement(
                                "alter table business add column if not exists zone varchar(64) not null default 'UTC'");
                var set = context.getConnection().prepareStatement("update business set zone = ?")) {
            add.execute();
            set.setString(1, ZoneId.getAvailableZoneIds().contains(here) ? here : "UTC");
            set.execute();
        }
    }
}
