package grimygasket.report;

import grimygasket.state.Zone;
import grimygasket.units.UnitSystem;

/**
 * Who writes to whom.
 *
 * @param units that readings are told in
 */
public record Letterhead(Sender sender, Addressee customer, UnitSystem units, Zone zone) {
    public record Addressee(String name, String street, String phone) {}
}
