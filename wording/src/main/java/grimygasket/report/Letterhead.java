package grimygasket.report;

import grimygasket.call.change.Customer;
import grimygasket.state.Zone;
import grimygasket.units.UnitSystem;

/**
 * Who writes to whom.
 *
 * @param units that readings are told in
 */
public record Letterhead(Sender sender, Addressee customer, UnitSystem units, Zone zone) {
    /** @param machineAt where the machine stands; blank where that is the customer's own address */
    public record Addressee(String name, String street, String phone, String machineAt) {
        public static Addressee of(Customer customer) {
            var elsewhere = customer.elsewhere();
            return new Addressee(
                    customer.name(), customer.street(), customer.phone(), elsewhere == null ? "" : elsewhere.street());
        }
    }
}
