package grimygasket.server.accounts;

import grimygasket.diagnosis.Van;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The business that this installation works for. */
@Repository
public class BusinessStore {
    private final JdbcClient jdbc;

    BusinessStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /**
     * @param currency ISO 4217 code of every price
     * @param labourPerHour what an hour of work is worth
     * @param returnTripMinutes what a second visit costs
     */
    public record Business(String name, String currency, BigDecimal labourPerHour, int returnTripMinutes) {
        /**
         * @param prices pack part id to its price, as far as the catalogue has it
         * @param onBoard pack ids of the parts on board
         */
        public Van van(Map<String, Double> prices, Set<String> onBoard) {
            return new Van(labourPerHour.doubleValue(), returnTripMinutes, prices, onBoard, true);
        }
    }

    public Business get() {
        return jdbc.sql("select name, currency, labour_per_hour, return_trip_minutes from business")
                .query(Business.class)
                .single();
    }

    public void set(Business business) {
        jdbc.sql("""
                        insert into business (id, name, currency, labour_per_hour, return_trip_minutes)
                        values (1, :name, :currency, :labourPerHour, :returnTripMinutes)
                        """).paramSource(business).update();
    }
}
