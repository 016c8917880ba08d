package grimygasket.server.calls;

import grimygasket.diagnosis.Assessment;
import grimygasket.diagnosis.Diagnosis;
import grimygasket.diagnosis.Evidence;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Answer;
import grimygasket.diagnosis.Finding.Proved;
import grimygasket.diagnosis.Recent;
import grimygasket.diagnosis.Van;
import grimygasket.pack.Pack;
import grimygasket.server.accounts.BusinessStore;
import grimygasket.server.accounts.BusinessStore.Business;
import grimygasket.server.knowhow.Library;
import grimygasket.server.knowhow.SchoolStore;
import grimygasket.server.machines.Machine;
import grimygasket.server.shelf.Shelf;
import grimygasket.server.shelf.ShelfStore;
import grimygasket.server.shelf.VanPart;
import grimygasket.units.Amount;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Puts what is stored of a call into the terms of the diagnosis. */
@Component
class Judge {
    private static final int ASSESSMENTS_KEPT = 512;

    private final Library library;
    private final SchoolStore schools;
    private final BusinessStore business;
    private final ShelfStore shelves;
    /** The same evidence on the same machine is always judged alike. */
    private final Recent<Assessment> assessments = new Recent<>(ASSESSMENTS_KEPT);

    Judge(Library library, SchoolStore schools, BusinessStore business, ShelfStore shelves) {
        this.library = library;
        this.schools = schools;
        this.business = business;
        this.shelves = shelves;
    }

    /** By the schools that the call has kept, or else by those of whose round it is on. */
    grimygasket.diagnosis.Machine machine(Machine machine, ServiceCall call) {
        var schoolsOf = new Schools(List.of(call));
        return machine(machine, library.pack(machine, call.revision()), schoolsOf.of(call), business.get());
    }

    private static grimygasket.diagnosis.Machine machine(
            Machine machine, Pack pack, Map<String, String> chosen, Business business) {
        return grimygasket.diagnosis.Machine.of(pack, machine.features(), chosen, machine.ratings())
                .on(business.mainsVolts());
    }

    /**
     * What the diagnosis makes of some calls, by one statement a table, however many they are.
     *
     * @param account whose van the parts are taken from
     */
    List<Assessed> assess(List<CallRecord> files, UUID account) {
        var schoolsOf = new Schools(files.stream().map(CallRecord::call).toList());
        var settings = business.get();
        var shelf = shelves.shelf(
                account, files.stream().map(file -> file.machine().kind()).collect(Collectors.toSet()));
        return files.stream()
                .map(file -> assess(file, schoolsOf.of(file.call()), settings, shelf))
                .toList();
    }

    private Assessed assess(CallRecord file, Map<String, String> chosen, Business settings, Shelf shelf) {
        var revision = file.call().revision();
        var pack = library.pack(file.machine(), revision);
        var machine = machine(file.machine(), pack, chosen, settings);
        var findings = findings(file.machine(), revision, file.entries());
        var parts = shelf.partsFor(file.machine().kind(), file.machine().maker());
        var evidence = new Evidence(findings, van(settings, parts), file.confirmed());
        var judged = assessments.of(pack, List.of(machine, evidence), () -> Diagnosis.assess(pack, machine, evidence));
        return new Assessed(file, pack, machine, findings, parts, file.call().upkeep() ? judged.withoutPlan() : judged);
    }

    /** What each of some calls is judged by, read at once. */
    private final class Schools {
        private final Map<UUID, Map<String, String>> kept;
        private final Map<UUID, Map<String, String>> chosen;

        Schools(List<ServiceCall> calls) {
            kept = schools.ofCalls(calls.stream().map(ServiceCall::id).toList());
            chosen = schools.of(
                    calls.stream().map(ServiceCall::accountId).distinct().toList());
        }

        Map<String, String> of(ServiceCall call) {
            var byAccount = chosen.getOrDefault(call.accountId(), Map.of());
            return followed(call, kept.getOrDefault(call.id(), byAccount));
        }
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

    private static Van van(Business business, List<VanPart> parts) {
        return business.van(
                parts.stream()
                        .collect(Collectors.toMap(
                                VanPart::fits, part -> part.price().doubleValue(), Math::min)),
                parts.stream()
                        .filter(part -> part.onVan() > 0)
                        .map(VanPart::fits)
                        .collect(Collectors.toSet()));
    }
}
