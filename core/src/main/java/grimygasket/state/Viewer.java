package grimygasket.state;

import grimygasket.units.UnitSystem;
import grimygasket.visit.ring.Authority;

/**
 * Whoever looks at a call.
 *
 * @param units that they work in
 */
public record Viewer(Authority rank, UnitSystem units) {}
