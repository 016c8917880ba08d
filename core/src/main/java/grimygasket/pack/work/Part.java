package grimygasket.pack.work;

import grimygasket.util.Arguments;

/**
 * A kind of part that a remedy uses up; what fits a certain machine is in the catalogue of the van.
 *
 * @param id unique within the pack
 * @param name for example "Drain pump"
 * @param serial whether its serial number is kept, as its maker asks for it when it fails
 * @param always whether some of it is on every van: a clip, a clamp, grease
 * @param price what one usually costs, an estimate for where no catalogue gives a price; 0 or more
 */
public record Part(String id, String name, boolean serial, boolean always, double price) {
    private static final double MOST = 10_000;

    public Part {
        Arguments.text("part id", id);
        Arguments.text("name of part " + id, name);
        Arguments.between("price of part " + id, price, 0, MOST);
    }
}
