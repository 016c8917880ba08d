package grimygasket.visit.line;

import grimygasket.pack.Pack;
import grimygasket.pack.machine.WayIn;
import grimygasket.util.ById;
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
    public Optional<String> unknownTo(Pack pack) {
        return ById.of(pack.ways(), WayIn::id, way)
                .map(known -> known.choice(choice).isEmpty() ? Optional.of(choice) : Optional.<String>empty())
                .orElse(Optional.of(way));
    }

    @Override
    public Optional<WayFound> merged(WayFound was, WayFound theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new WayFound(merge.of(WayFound::way), merge.of(WayFound::choice)));
    }
}
