package grimygasket.pack;

/**
 * One place on a path.
 *
 * @param id unique within the pack, across its paths
 * @param name short enough to stand under a drawing
 * @param needs the feature without which the station does not exist; null for one that every machine has
 */
public record Station(String id, String name, String needs) {
    public Station {
        Range.text("station id", id);
        Range.text("name of station " + id, name);
    }
}
