package grimygasket.visit.line;

import grimygasket.util.Unfit;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Something in a technician's own words, which the know-how does not have: a note, something seen, or something done. What was
 * seen or done is proposed for the know-how.
 *
 * @param text 1 to 300 characters
 * @param minutes that it took, 1 to 600; null unless something was done and timed
 * @param proved whether what was done was seen to have cured; false for all else
 */
public record Note(About about, String text, @Nullable Integer minutes, boolean proved) implements JobLine<Note> {
    private static final int MOST_CHARACTERS = 300;
    private static final int TEN_HOURS = 600;

    public enum About {
        NOTE,
        SEEN,
        DONE
    }

    /**
     * @throws Unfit in words for whoever wrote it
     */
    public Note {
        if (about == null || text == null || text.isBlank()) {
            throw new Unfit("write down what you want to keep");
        }
        if (text.length() > MOST_CHARACTERS) {
            throw new Unfit("a note has at most " + MOST_CHARACTERS + " characters, not " + text.length());
        }
        if (minutes != null && (about != About.DONE || minutes < 1 || minutes > TEN_HOURS)) {
            throw new Unfit("minutes belong to what was done, 1 to " + TEN_HOURS + ", not " + minutes);
        }
        if (proved && about != About.DONE) {
            throw new Unfit("only what was done can be proved");
        }
    }

    @Override
    public Optional<Note> merged(Note was, Note theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() ->
                new Note(merge.of(Note::about), merge.of(Note::text), merge.of(Note::minutes), merge.of(Note::proved)));
    }
}
