package grimygasket.pack;

/**
 * A kind of part that a remedy uses up; what fits a certain machine is in the catalogue of the van.
 *
 * @param id unique within the pack
 * @param name for example "Drain pump"
 */
public record Part(String id, String name) {
    public Part {
        Range.text("part id", id);
        Range.text("name of part " + id, name);
    }
}
