package grimygasket.util;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Looks up by id what somebody has named, who may name what there is not. */
public final class ById {
    private ById() {}

    public static <T> Optional<T> of(List<T> all, Function<T, String> idOf, String wanted) {
        for (T one : all) {
            if (idOf.apply(one).equals(wanted)) {
                return Optional.of(one);
            }
        }
        return Optional.empty();
    }

    /** The id itself where there is nothing of that id; empty where there is. */
    public static <T> Optional<String> missing(List<T> all, Function<T, String> idOf, String wanted) {
        return of(all, idOf, wanted).isPresent() ? Optional.empty() : Optional.of(wanted);
    }
}
