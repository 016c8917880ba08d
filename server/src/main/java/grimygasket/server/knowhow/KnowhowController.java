package grimygasket.server.knowhow;

import grimygasket.pack.Code;
import grimygasket.pack.Pack;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class KnowhowController {
    record Kind(String id, String name) {}

    record Knowhow(Pack pack, List<Code> codes) {}

    private final Library library;

    KnowhowController(Library library) {
        this.library = library;
    }

    /** The kinds of machine that there is know-how for. */
    @GetMapping("/api/know-how")
    List<Kind> kinds() {
        return library.packs().stream()
                .map(pack -> new Kind(pack.id(), pack.name()))
                .toList();
    }

    @GetMapping("/api/know-how/{kind}")
    Knowhow knowhow(@PathVariable String kind) {
        return new Knowhow(library.pack(kind), library.codes(kind));
    }
}
