package grimygasket.visit;

import grimygasket.pack.Pack;
import java.util.Optional;

/**
 * Which of the ways in stands in front of the technician.
 *
 * @param way id of the way in
 * @param choice id of one of its choices
 */
public record WayFound(String way, String choice) implements JobLine<WayFound> {
    @Override
    public Optional<String> onlyAbout() {
        return Optional.of(way);
    }

    @Override
    public void requireKnown(Pack pack) {
        if (pack.way(way).choice(choice).isEmpty()) {
            throw new IllegalArgumentException("the way in " + way + " has no choice " + choice);
        }
    }

    @Override
    public Optional<WayFound> merged(WayFound was, WayFound theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new WayFound(merge.of(WayFound::way), merge.of(WayFound::choice)));
    }
}
