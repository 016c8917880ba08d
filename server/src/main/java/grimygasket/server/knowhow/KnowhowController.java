package grimygasket.server.knowhow;

import grimygasket.pack.Code;
import grimygasket.pack.Pack;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class KnowhowController {
    record Knowhow(Pack pack, List<Code> codes) {}

    private final Library library;

    KnowhowController(Library library) {
        this.library = library;
    }

    @GetMapping("/api/know-how/{kind}")
    Knowhow knowhow(@PathVariable String kind) {
        return new Knowhow(library.pack(kind), library.codes(kind));
    }
}
