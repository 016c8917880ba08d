package grimygasket.util;

/**
 * What somebody has entered cannot be so. Its message is for them: words without the first capital and the full stop, or whole sentences.
 * Whatever else is thrown is a mistake of ours, and is not shown to anybody as if it were theirs.
 */
public class Unfit extends IllegalArgumentException {
    private static final long serialVersionUID = 1;

    public Unfit(String what) {
        super(what);
    }
}
