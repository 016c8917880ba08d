package grimygasket.server.customers;

import grimygasket.call.change.Customer;
import grimygasket.route.Location;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A customer as a row of their table. */
public final class CustomerRows {
    /** All but the id. */
    public static final String COLUMNS = "name, street, phone, email, access, latitude, longitude";

    private CustomerRows() {}

    /** Of a row that has the {@link #COLUMNS}. */
    public static Customer customer(UUID id, ResultSet row) throws SQLException {
        return new Customer(
                id,
                row.getString("name"),
                row.getString("street"),
                row.getString("phone"),
                row.getString("email"),
                row.getString("access"),
                point(row));
    }

    /** The same where the id is a column, too. */
    static Customer customer(ResultSet row, int number) throws SQLException {
        return customer(row.getObject("id", UUID.class), row);
    }

    private static @Nullable Location point(ResultSet row) throws SQLException {
        double latitude = row.getDouble("latitude");
        return row.wasNull() ? null : new Location(latitude, row.getDouble("longitude"));
    }

    static Map<String, Object> params(Customer customer) {
        var params = new HashMap<String, Object>();
        params.put("id", customer.id());
        params.put("name", customer.name());
        params.put("street", customer.street());
        params.put("phone", customer.phone());
        params.put("email", customer.email());
        params.put("access", customer.access());
        var at = customer.at();
        params.put("latitude", at == null ? null : at.latitude());
        params.put("longitude", at == null ? null : at.longitude());
        return params;
    }
}
