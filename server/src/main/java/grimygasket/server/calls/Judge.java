package grimygasket.server.calls;

import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.Proved;
import grimygasket.diagnosis.Van;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.knowhow.Library;
import grimygasket.server.knowhow.SchoolStore;
import grimygasket.server.machines.Machine;
import grimygasket.server.shelf.VanPart;
import grimygasket.units.Amount;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Puts what is stored of a call into the terms of the diagnosis. */
@Component
class Judge {
    private final Library library;
    private final SchoolStore schools;
    private final BusinessStore business;

    Judge(Library library, SchoolStore schools, BusinessStore business) {
        this.library = library;
        this.schools = schools;
        this.business = business;
    }

    /** By the schools that the call has kept, or else by those of whose round it is on. */
    grimygasket.diagnosis.Machine machine(Machine machine, ServiceCall call) {
        var kept = schools.ofCall(call.id());
        return grimygasket.diagnosis.Machine.of(
                        library.pack(machine, call.revision()),
                        machine.features(),
                        followed(call, kept.isEmpty() ? schools.of(call.accountId()) : kept),
                        machine.ratings())
                .on(business.get().mainsVolts());
    }

    /** On a visit for upkeep all that is due is cleaned, and then tried out, whatever the technician does else. */
    private static Map<String, String> followed(ServiceCall call, Map<String, String> chosen) {
        var followed = new HashMap<>(chosen);
        if (call.upkeep()) {
            followed.put("test-when", "all");
        }
        return followed;
    }

    List<Finding> findings(Machine machine, int revision, List<Entry> entries) {
        return entries.stream().map(entry -> finding(machine, revision, entry)).toList();
    }

    private Finding finding(Machine machine, int revision, Entry entry) {
        return switch (entry.kind()) {
            case SIGN ->
                new Finding.SignSettled(
                        entry.subject(), Answer.valueOf(entry.answer().toUpperCase()), entry.complaint());
            case FACT -> new Finding.FactKnown(entry.subject(), entry.answer());
            case CODE ->
                library.findCode(machine.kind(), revision, machine.maker(), entry.subject())
                        .<Finding>map(Finding.CodeShown::new)
                        .orElse(new Finding.CodeUnlisted(entry.subject()));
            case CHECK ->
                entry.answer().equals(Entry.MEASURED)
                        ? new Finding.ReadingTaken(entry.subject(), reading(machine, revision, entry))
                        : new Finding.CheckMade(entry.subject(), entry.answer());
            case REMEDY ->
                new Finding.RemedyTried(
                        entry.subject(),
                        switch (entry.answer()) {
                            case "done" -> Proved.PENDING;
                            case "cured" -> Proved.CURED;
                            case "partly" -> Proved.PARTLY;
                            case "still-failing" -> Proved.STILL_FAILING;
                            case "kept-up" -> Proved.KEPT_UP;
                            default -> throw new IllegalArgumentException("“" + entry.answer() + "” is no proof");
                        });
        };
    }

    /** What a measured entry says. */
    private Amount reading(Machine machine, int revision, Entry entry) {
        var measure = library.pack(machine, revision).check(entry.subject()).measure();
        if (measure == null) {
            throw new IllegalArgumentException("nothing is measured at “" + entry.subject() + "”");
        }
        return new Amount(measure.quantity(), entry.reading(), entry.spread());
    }

    Van van(List<VanPart> parts) {
        return business.get()
                .van(
                        parts.stream()
                                .collect(Collectors.toMap(
                                        VanPart::fits, part -> part.price().doubleValue(), Math::min)),
                        parts.stream()
                                .filter(part -> part.onVan() > 0)
                                .map(VanPart::fits)
                                .collect(Collectors.toSet()));
    }
}
