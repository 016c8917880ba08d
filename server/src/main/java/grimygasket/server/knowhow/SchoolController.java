package grimygasket.server.knowhow;

import grimygasket.knowhow.Shipped;
import grimygasket.pack.work.School;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The schools of practitioners, and which of them the technician follows. */
@RestController
@RequestMapping("/api/schools")
class SchoolController {
    /**
     * @param machines names of the kinds of machine that it is about
     * @param chosen id of the choice that is followed
     */
    record SchoolSetting(School school, List<String> machines, String chosen) {}

    record SchoolChoice(
            @NotBlank(message = "Choose a school.") String choice) {}

    private final Library library;
    private final SchoolStore chosen;

    SchoolController(Library library, SchoolStore chosen) {
        this.library = library;
        this.chosen = chosen;
    }

    @GetMapping
    List<SchoolSetting> schools(@AuthenticationPrincipal SignedIn me) {
        var choices = chosen.of(me.id());
        var settings = new LinkedHashMap<String, SchoolSetting>();
        for (var kind : Shipped.KINDS) {
            var pack = library.pack(kind, library.active(kind));
            for (var school : pack.schools()) {
                settings.computeIfAbsent(
                                school.id(),
                                id -> new SchoolSetting(
                                        school, new ArrayList<>(), choices.getOrDefault(id, school.usual())))
                        .machines()
                        .add(pack.name());
            }
        }
        return List.copyOf(settings.values());
    }

    @PutMapping("/{schoolId}")
    List<SchoolSetting> choose(
            @PathVariable String schoolId,
            @Valid @RequestBody SchoolChoice wanted,
            @AuthenticationPrincipal SignedIn me) {
        var known = schools(me).stream()
                .filter(setting -> setting.school().id().equals(schoolId))
                .flatMap(setting -> setting.school().choices().stream())
                .anyMatch(choice -> choice.id().equals(wanted.choice));
        if (!known) {
            throw new Problem(Kind.INVALID, "“" + wanted.choice + "” is not one of the schools on this question.");
        }
        chosen.choose(me.id(), schoolId, wanted.choice);
        return schools(me);
    }
}
