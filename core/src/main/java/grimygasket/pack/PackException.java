package grimygasket.pack;

import java.util.List;

/** A pack that does not hold together; carries all that is wrong with it, not only the first. */
public final class PackException extends IllegalArgumentException {
    private final transient List<String> problems;

    public PackException(List<String> problems) {
        super(String.join("; ", problems));
        this.problems = List.copyOf(problems);
    }

    public List<String> problems() {
        return problems;
    }
}
