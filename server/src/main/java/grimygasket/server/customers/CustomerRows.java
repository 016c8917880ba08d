package grimygasket.server.customers;

import grimygasket.call.change.Customer;
import grimygasket.call.change.Customer.Address;
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

    /** Of a customer k with the address a at which a machine of theirs stands; null where that is their own. */
    public static final String OF_A_MACHINE = """
            k.id as customer_id, k.name, k.street, k.phone, k.email, k.access, k.latitude, k.longitude,
            a.id as elsewhere_id, a.street as elsewhere_street, a.access as elsewhere_access,
            a.latitude as elsewhere_latitude, a.longitude as elsewhere_longitude\
            """;

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
                point(row, ""),
                null);
    }

    /** Of a row that has the columns {@link #OF_A_MACHINE}. */
    public static Customer ofAMachine(ResultSet row) throws SQLException {
        var elsewhere = row.getObject("elsewhere_id", UUID.class);
        return customer(row.getObject("customer_id", UUID.class), row)
                .with(elsewhere == null ? null : address(elsewhere, row, "elsewhere_"));
    }

    /** @param named with which the names of its columns begin */
    static Address address(UUID id, ResultSet row, String named) throws SQLException {
        return new Address(id, row.getString(named + "street"), row.getString(named + "access"), point(row, named));
    }

    /** The same where the id is a column, too. */
    static Customer customer(ResultSet row, int number) throws SQLException {
        return customer(row.getObject("id", UUID.class), row);
    }

    private static @Nullable Location point(ResultSet row, String named) throws SQLException {
        double latitude = row.getDouble(named + "latitude");
        return row.wasNull() ? null : new Location(latitude, row.getDouble(named + "longitude"));
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
