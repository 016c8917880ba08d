package grimygasket.server.calls.learnt;

import grimygasket.call.Learnt;
import grimygasket.knowhow.LearntFamily;
import grimygasket.knowhow.PackReader;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.Ways;
import grimygasket.server.knowhow.Library;
import grimygasket.state.OfModel;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What was learnt of models on calls, and the know-how in use does not say: proposals for whoever keeps it. */
@RestController
class LearntController {
    private static final TypeReference<Map<String, Object>> MEMBERS = new TypeReference<>() {};

    private final LearntStore store;
    private final Library library;
    private final JsonMapper json;

    LearntController(LearntStore store, Library library, JsonMapper json) {
        this.store = store;
        this.library = library;
        this.json = json;
    }

    /** @param family that it would be a part of, with it: its members in the form of pack.schema.json */
    record LearntOfModel(String maker, String model, Learnt learnt, Map<String, Object> family) {}

    /** Of models of a kind, by maker and model. */
    @GetMapping("/api/know-how/{kind}/learnt")
    List<LearntOfModel> learnt(@PathVariable String kind) {
        int inUse = library.active(kind);
        var known = library.knowhow(kind, inUse);
        var written = PackReader.tree(library.texts(kind, inUse).pack());
        return store.ofKind(kind).stream()
                .filter(one -> isNew(known, one))
                .map(one -> new LearntOfModel(
                        one.maker(),
                        one.model(),
                        one.learnt(),
                        json.convertValue(family(written, known, one), MEMBERS)))
                .toList();
    }

    private static ObjectNode family(JsonNode written, KindKnowhow known, OfModel one) {
        var before = known.family(one.maker(), one.model()).orElse(null);
        return LearntFamily.of(written, before, one.maker(), one.model(), one.learnt());
    }

    private static boolean isNew(KindKnowhow known, OfModel one) {
        var pack = known.of(one.maker(), one.model()).pack();
        var learnt = one.learnt();
        return !Ways.taken(pack, Map.of(), Map.of())
                .layers()
                .equals(Ways.taken(pack, learnt.choices(), learnt.fastenings()).layers());
    }
}
