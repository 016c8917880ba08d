package grimygasket.server.knowhow;

import grimygasket.pack.Code;
import grimygasket.pack.Pack;
import java.util.List;

/** What is known about one kind of machine: its pack, and the codes of every maker. */
public record Knowhow(Pack pack, List<Code> codes) {
    public Knowhow {
        codes = List.copyOf(codes);
    }
}
