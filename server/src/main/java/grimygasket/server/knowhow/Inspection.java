package grimygasket.server.knowhow;

import grimygasket.knowhow.Comparison;
import grimygasket.knowhow.Comparison.PieceChange;
import grimygasket.knowhow.KnowhowText;
import grimygasket.knowhow.PackReader;
import grimygasket.pack.PackException;
import grimygasket.pack.soundness.Soundness;
import java.util.ArrayList;
import java.util.List;

/**
 * What there is to say of know-how before it is put to use.
 *
 * @param problems why it is refused; empty for sound know-how
 * @param dangers what could hurt whoever follows it
 * @param remarks what it leaves unsaid, and how that is taken where its form is older; its dangers among it
 * @param changes against the version in use
 */
record Inspection(List<String> problems, List<String> dangers, List<String> remarks, List<PieceChange> changes) {
    static Inspection of(Library library, String kind, KnowhowText texts) {
        var inUse = library.knowhow(kind, library.active(kind));
        try {
            var known = library.read(kind, texts);
            var remarks = new ArrayList<>(PackReader.assumed(texts.pack()));
            remarks.addAll(Soundness.remarks(known));
            return new Inspection(List.of(), Soundness.dangers(known), remarks, Comparison.of(inUse, known));
        } catch (PackException e) {
            return new Inspection(e.problems(), List.of(), List.of(), List.of());
        }
    }
}
