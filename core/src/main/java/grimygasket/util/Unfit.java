package grimygasket.util;

/**
 * What somebody has entered cannot be so. Its message is for them: words without the first capital and the full stop, or whole sentences.
 * Any other exception is a bug. It is not shown to people as a mistake of theirs.
 */
public class Unfit extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    public Unfit(String what) {
        super(what);
    }
}
