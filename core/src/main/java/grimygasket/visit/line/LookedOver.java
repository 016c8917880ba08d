package grimygasket.visit.line;

import grimygasket.pack.Pack;
import grimygasket.pack.work.Look;
import grimygasket.util.ById;
import java.util.List;
import java.util.Optional;

/**
 * The last look at the machine before the tools are packed up.
 *
 * @param looks ids of what was looked at
 */
public record LookedOver(List<String> looks) implements JobLine<LookedOver> {
    public LookedOver {
        looks = List.copyOf(looks);
    }

    @Override
    public Optional<String> onlyAbout() {
        return Optional.of("last look");
    }

    @Override
    public Optional<String> unknownTo(Pack pack) {
        return looks.stream()
                .flatMap(look -> ById.missing(pack.lastLook(), Look::id, look).stream())
                .findFirst();
    }

    @Override
    public Optional<LookedOver> merged(LookedOver was, LookedOver theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new LookedOver(merge.of(LookedOver::looks)));
    }
}
