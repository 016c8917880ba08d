package grimygasket.server.web;

import grimygasket.util.Unfit;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.util.StringUtils;

/** What our own code says is wrong with a value. What a library says of it has names in it that mean nothing to a technician. */
public final class OwnWords {
    private OwnWords() {}

    /** As a sentence; empty if none of the causes was thrown by us. */
    public static Optional<String> of(Throwable e) {
        return Stream.iterate(e, Objects::nonNull, Throwable::getCause)
                .flatMap(cause -> said(cause).stream())
                .findFirst();
    }

    private static Optional<String> said(Throwable cause) {
        if (cause instanceof Problem problem) {
            return Optional.ofNullable(problem.getBody().getDetail());
        }
        return cause instanceof Unfit
                ? Optional.of(StringUtils.capitalize(cause.getMessage()) + ".")
                : Optional.empty();
    }
}
