package grimygasket.visit.line;

import grimygasket.util.Unfit;
import java.util.Optional;

/**
 * The work that is charged: one line at most.
 *
 * @param minutes 0 to 1440
 */
public record Labour(int minutes) implements JobLine<Labour> {
    private static final int A_DAY = 24 * 60;

    public Labour {
        if (minutes < 0 || minutes > A_DAY) {
            throw new Unfit("0 to " + A_DAY + " minutes of work can be charged, not " + minutes);
        }
    }

    @Override
    public Optional<String> onlyAbout() {
        return Optional.of("labour");
    }

    @Override
    public Optional<Labour> merged(Labour was, Labour theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new Labour(merge.of(Labour::minutes)));
    }
}
