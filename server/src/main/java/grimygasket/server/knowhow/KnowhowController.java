package grimygasket.server.knowhow;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Machine;
import grimygasket.pack.Applicable;
import grimygasket.pack.Code;
import grimygasket.pack.Pack;
import grimygasket.pack.Part;
import grimygasket.pack.Review;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.SignedIn;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
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

    /**
     * What is supposed to be known of a machine.
     *
     * @param features what it has
     */
    record Supposed(
            @NotNull List<String> features,

            @NotNull @Size(max = 60, message = "That is more than can be weighed: 60 findings at most.")
            List<@Valid Supposition> findings) {}

    /** What would follow from it. */
    record Consequence(Assessment assessment, Applicable applicable) {}

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
        int revision = library.active(kind);
        library.requireFeatures(kind, revision, supposed.features);
        var known = library.knowhow(kind, revision);
        var machine = Machine.of(known.pack(), supposed.features, schools.of(me.id()));
        var findings = supposed.findings.stream()
                .map(supposition -> supposition.finding(known))
                .toList();
        // Nobody has to drive for a part of a machine that need not exist, but it has its usual price.
        var onBoard = known.pack().parts().stream().map(Part::id).collect(Collectors.toSet());
        var van = business.get().van(Map.of(), onBoard);
        return new Consequence(
                Diagnosis.assess(known.pack(), machine, new Evidence(findings, van)),
                Applicable.of(known.pack(), machine.traits()));
    }
}
