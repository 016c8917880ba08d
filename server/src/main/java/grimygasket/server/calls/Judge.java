package grimygasket.server.calls;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.Proved;
import grimygasket.diagnosis.Van;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.Machine;
import grimygasket.server.shelf.VanPart;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Puts what is stored of a call into the terms of the diagnosis. */
@Component
class Judge {
    private final Library library;
    private final BusinessStore business;

    Judge(Library library, BusinessStore business) {
        this.library = library;
        this.business = business;
    }

    Assessment assess(Machine machine, List<Finding> findings, List<VanPart> parts) {
        return Diagnosis.assess(
                library.pack(machine.kind()),
                new grimygasket.diagnosis.Machine(Set.copyOf(machine.features())),
                new Evidence(findings, van(parts)));
    }

    List<Finding> findings(Machine machine, List<Entry> entries) {
        return entries.stream().map(entry -> finding(machine, entry)).toList();
    }

    private Finding finding(Machine machine, Entry entry) {
        return switch (entry.kind()) {
            case SIGN ->
                new Finding.SignSettled(
                        entry.subject(), Answer.valueOf(entry.answer().toUpperCase()));
            case CODE -> new Finding.CodeShown(library.code(machine.kind(), machine.maker(), entry.subject()));
            case CHECK -> new Finding.CheckMade(entry.subject(), entry.answer());
            case REMEDY ->
                new Finding.RemedyTried(
                        entry.subject(),
                        switch (entry.answer()) {
                            case "done" -> Proved.PENDING;
                            case "cured" -> Proved.CURED;
                            case "still-failing" -> Proved.STILL_FAILING;
                            default -> throw new IllegalArgumentException("“" + entry.answer() + "” is no proof");
                        });
        };
    }

    private Van van(List<VanPart> parts) {
        var settings = business.get();
        return new Van(
                settings.labourPerHour().doubleValue(),
                settings.returnTripMinutes(),
                parts.stream()
                        .filter(part -> part.onVan() > 0)
                        .collect(Collectors.toMap(
                                VanPart::fits, part -> part.price().doubleValue(), Math::min)));
    }
}
