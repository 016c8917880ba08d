package grimygasket.server.calls;

import grimygasket.call.Learnt;
import grimygasket.knowhow.LearntFamily;
import grimygasket.knowhow.PackReader;
import grimygasket.pack.Ways;
import grimygasket.server.knowhow.Library;
import grimygasket.state.OfModel;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

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

    /**
     * @param family id of the family that it would be a part of
     * @param members of that family with it, in the form of pack.schema.json
     */
    record LearntOfModel(String maker, String model, Learnt learnt, String family, Map<String, Object> members) {}

    /** Of models of a kind, by maker and model. */
    @GetMapping("/api/know-how/{kind}/learnt")
    List<LearntOfModel> learnt(@PathVariable String kind) {
        int inUse = library.active(kind);
        var written = PackReader.tree(library.texts(kind, inUse).pack());
        return store.ofKind(kind).stream()
                .filter(one -> isNew(kind, inUse, one))
                .map(one -> {
                    var before = library.knowhow(kind, inUse)
                            .family(one.maker(), one.model())
                            .orElse(null);
                    var family = LearntFamily.of(written, before, one.maker(), one.model(), one.learnt());
                    return new LearntOfModel(
                            one.maker(),
                            one.model(),
                            one.learnt(),
                            family.id(),
                            json.convertValue(family.members(), MEMBERS));
                })
                .toList();
    }

    private boolean isNew(String kind, int inUse, OfModel one) {
        var pack = library.knowhow(kind, inUse).of(one.maker(), one.model()).pack();
        var choices = one.learnt().ways().values().stream()
                .map(Learnt.WayLearnt::choice)
                .toList();
        return !Ways.taken(pack, List.of(), Map.of())
                .layers()
                .equals(Ways.taken(pack, choices, one.learnt().fastenings()).layers());
    }
}
