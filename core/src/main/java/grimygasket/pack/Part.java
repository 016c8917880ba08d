package grimygasket.pack;

/**
 * A kind of part that a remedy uses up; what fits a certain machine is in the catalogue of the van.
 *
 * @param id unique within the pack
 * @param name for example "Drain pump"
 * @param serial whether its serial number is kept, as its maker asks for it when it fails
 */
public record Part(String id, String name, boolean serial) {
    public Part {
        Range.text("part id", id);
        Range.text("name of part " + id, name);
    }
}
