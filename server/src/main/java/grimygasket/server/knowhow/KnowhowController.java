package grimygasket.server.knowhow;

import grimygasket.pack.Code;
import grimygasket.pack.Pack;
import grimygasket.pack.Review;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is known about each kind of machine, to read and to try out. */
@RestController
@RequestMapping("/api/know-how")
class KnowhowController {
    record KindOfMachine(String id, String name, int faults, int signs, int checks, int remedies, int codes) {}

    /**
     * @param remarks what the pack leaves unsaid
     */
    record KnowhowView(int revision, Pack pack, List<Code> codes, List<String> remarks) {}

    private final Library library;
    private final SchoolStore schools;
    private final BusinessStore business;

    KnowhowController(Library library, SchoolStore schools, BusinessStore business) {
        this.library = library;
        this.schools = schools;
        this.business = business;
    }

    /** The kinds of machine that there is know-how for. */
    @GetMapping
    List<KindOfMachine> kinds() {
        return Shipped.KINDS.stream()
                .map(kind -> library.knowhow(kind, library.active(kind)))
                .map(known -> new KindOfMachine(
                        known.pack().id(),
                        known.pack().name(),
                        known.pack().faults().size(),
                        known.pack().signs().size(),
                        known.pack().checks().size(),
                        known.pack().remedies().size(),
                        known.codes().size()))
                .toList();
    }

    /**
     * @param revision the version wanted; the one in use if there is none
     */
    @GetMapping("/{kind}")
    KnowhowView knowhow(@PathVariable String kind, @RequestParam(required = false) Integer revision) {
        int number = revision == null ? library.active(kind) : revision;
        var known = library.knowhow(kind, number);
        return new KnowhowView(number, known.pack(), known.codes(), Review.of(known.pack()));
    }

    /** Judges a machine that need not exist. */
    @PostMapping("/{kind}/suppositions")
    Consequence suppose(
            @PathVariable String kind, @Valid @RequestBody Supposed supposed, @AuthenticationPrincipal SignedIn me) {
        var known = library.knowhow(kind, library.active(kind));
        return Consequence.of(known, supposed, schools.of(me.id()), business.get());
    }
}
