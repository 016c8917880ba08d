package grimygasket.report;

import grimygasket.state.Zone;
import grimygasket.units.UnitSystem;

/**
 * Who writes to whom.
 *
 * @param business its name
 * @param units that readings are told in
 */
public record Letterhead(String business, Addressee customer, Currency currency, UnitSystem units, Zone zone) {
    public record Addressee(String name, String street, String phone) {}
}
