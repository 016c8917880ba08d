package grimygasket.pack;

/**
 * What can hurt at a step.
 *
 * @param id unique within the pack
 * @param title one or two words
 * @param text what to do about it; local codes and the maker's instructions come first
 */
public record Caution(String id, String title, String text) {
    public Caution {
        Range.text("caution id", id);
        Range.text("title of caution " + id, title);
        Range.text("text of caution " + id, text);
    }
}
