package grimygasket.server.customers;

import grimygasket.call.change.Customer.Address;
import grimygasket.server.web.ByOwner;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Where else than at their own address customers have machines. */
@Repository
public class AddressStore {
    private final JdbcClient jdbc;
    private final CustomerSearch search;

    AddressStore(JdbcClient jdbc, CustomerSearch search) {
        this.jdbc = jdbc;
        this.search = search;
    }

    /** Customer to their other addresses; one without any is left out. */
    public Map<UUID, List<Address>> of(Collection<UUID> customers) {
        return ByOwner.read(
                jdbc, """
                select customer_id as owner, id, street, access, latitude, longitude from address
                where customer_id in (:owners) order by street, id
                """, customers, (row, number) -> CustomerRows.address(row.getObject("id", UUID.class), row, ""));
    }

    public List<Address> of(UUID customer) {
        return of(List.of(customer)).getOrDefault(customer, List.of());
    }

    /**
     * Adds an address, or puts it right.
     *
     * @return whether it is this customer's; another's is left as it is
     */
    public boolean put(UUID customer, Address address) {
        var params = new HashMap<String, Object>(
                Map.of("id", address.id(), "customer", customer, "street", address.street()));
        var at = address.at();
        params.put("access", address.access());
        params.put("latitude", at == null ? null : at.latitude());
        params.put("longitude", at == null ? null : at.longitude());
        jdbc.sql("""
                        insert ignore into address (id, customer_id, street, access, latitude, longitude)
                        values (:id, :customer, :street, :access, :latitude, :longitude)
                        """).params(params).update();
        int put = jdbc.sql("""
                        update address
                        set street = :street, access = :access, latitude = :latitude, longitude = :longitude
                        where id = :id and customer_id = :customer
                        """).params(params).update();
        search.noteParts(customer);
        return put == 1;
    }

    /** Adds an address that is not on file yet. */
    public void addIfNew(UUID customer, Address address) {
        boolean known = jdbc.sql("select exists (select 1 from address where id = :id)")
                .param("id", address.id())
                .query(Boolean.class)
                .single();
        if (!known) {
            put(customer, address);
        }
    }

    /** @return whether it was there, and no machine stands there */
    public boolean remove(UUID customer, UUID address) {
        int removed =
                jdbc.sql("""
                        delete from address where id = :id and customer_id = :customer
                          and not exists (select 1 from machine where address_id = :id)
                        """).param("id", address).param("customer", customer).update();
        search.noteParts(customer);
        return removed == 1;
    }
}
