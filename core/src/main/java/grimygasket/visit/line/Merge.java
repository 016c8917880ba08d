package grimygasket.visit.line;

import grimygasket.util.Unfit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;

/** A three-way merge of one line, member by member. */
final class Merge<T> {
    private final T was;
    private final T mine;
    private final T theirs;
    private boolean clash;

    /** @param was null where neither changed anything that was there before */
    Merge(T was, T mine, T theirs) {
        this.was = was;
        this.mine = mine;
        this.theirs = theirs;
    }

    /** A member that is as whoever changed it says. */
    <M> M of(Function<T, M> member) {
        var ours = member.apply(mine);
        var others = member.apply(theirs);
        var before = was == null ? null : member.apply(was);
        if (was != null && Objects.equals(ours, before)) {
            return others;
        }
        clash |= !Objects.equals(ours, others) && (was == null || !Objects.equals(others, before));
        return ours;
    }

    /** A member that counts what happened: what both counted adds up. */
    int count(ToIntFunction<T> member) {
        int before = was == null ? 0 : member.applyAsInt(was);
        return Math.max(0, member.applyAsInt(theirs) + member.applyAsInt(mine) - before);
    }

    /** A member that holds what was seen: what either added is there, and what either took out is not. */
    <M extends Comparable<M>> List<M> seen(Function<T, List<M>> member) {
        var before = was == null ? List.<M>of() : member.apply(was);
        var merged = new ArrayList<>(member.apply(theirs));
        merged.removeIf(one -> before.contains(one) && !member.apply(mine).contains(one));
        member.apply(mine).stream()
                .filter(one -> !before.contains(one) && !merged.contains(one))
                .forEach(merged::add);
        merged.sort(null);
        return merged;
    }

    /** Empty where both changed the same member, or where what they say does not go together. */
    Optional<T> merged(Supplier<T> whole) {
        try {
            var line = whole.get();
            return clash ? Optional.empty() : Optional.of(line);
        } catch (Unfit e) {
            return Optional.empty();
        }
    }
}
