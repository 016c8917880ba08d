package grimygasket.server.documents;

import grimygasket.call.Entry;
import grimygasket.call.JobSheet;
import grimygasket.call.PartUse;
import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.Checked;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.knowhow.KindKnowhow;
import grimygasket.pack.Pack;
import grimygasket.pack.Proof;
import grimygasket.server.accounts.BusinessStore.Business;
import grimygasket.server.calls.CallView;
import grimygasket.server.documents.Report.Row;
import grimygasket.server.documents.Report.Section;
import grimygasket.visit.Found;
import grimygasket.visit.Laid;
import grimygasket.visit.ProofRun;
import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Tells a call to the customer. */
final class ReportOfCall {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.UK);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);

    /** Two weeks see a few real loads: estimate. */
    private static final int DAYS_TO_TELL = 14;

    /** Evidence weaker than this, in decibans, is not named as a reason. */
    private static final double NOTICEABLE = 2;

    private final CallView call;
    private final Pack pack;
    private final Business business;
    private final ZoneId zone;
    private final LocalDate today;
    private final Wording wording;

    private ReportOfCall(CallView call, KindKnowhow knowhow, Business business, Clock clock) {
        this.call = call;
        this.pack = knowhow.pack();
        this.business = business;
        this.zone = clock.getZone();
        this.today = LocalDate.now(clock);
        this.wording = new Wording(knowhow, call.machine().maker(), call.readings());
    }

    static Report of(CallView call, KindKnowhow knowhow, Business business, Clock clock) {
        return new ReportOfCall(call, knowhow, business, clock).report();
    }

    private Report report() {
        var machine = call.machine();
        var sections = Stream.of(
                complaint(),
                cause(),
                entries("Told and seen", finding -> !finding.takesWork()),
                entries("Checked", Checked.class::isInstance),
                entries("Done", RemedyTried.class::isInstance),
                found(),
                noted(),
                proved(),
                nextUse(),
                parts(),
                things(),
                left(),
                Section.text("Our advice", Objects.requireNonNullElse(call.advice(), "")),
                dates(),
                careTaken());
        return new Report(
                business.name(),
                "Report of " + DAY.format(call.day()),
                standing(),
                filled(
                        call.customer().name(),
                        call.customer().street(),
                        call.customer().phone()),
                filled(
                        pack.name() + ", " + (machine.maker() + " " + machine.model()).strip(),
                        machine.serial(),
                        machine.place()),
                sections.filter(Section::saysSomething).toList(),
                note() + " The maker’s instructions and local codes come first.");
    }

    /** How the figures came about. */
    private String note() {
        return call.upkeep() == null
                ? "How sure we are is computed from what was seen, told and checked; "
                        + Wording.percent(call.assessment().noneOfThese())
                        + " is left for causes that are not on our list."
                : "The next dates are computed from the usual times and from what was found.";
    }

    private String standing() {
        if (call.closedAt() == null) {
            var ahead = call.day().isAfter(today) && !call.entries().isEmpty();
            return "The call is not closed yet: this is how it stands."
                    + (ahead ? " We come back on " + DAY.format(call.day()) + " at " + call.plannedAt() + "." : "");
        }
        var by = Stream.concat(call.entries().stream().map(Entry::by), Stream.ofNullable(call.closedBy()))
                .filter(name -> !name.isBlank())
                .distinct()
                .collect(Collectors.joining(" and "));
        return (by.isEmpty() ? "Closed" : by + ", closed") + " at " + time(call.closedAt()) + ".";
    }

    private Section complaint() {
        var follows = call.follows() == null ? "" : "The machine has failed again since an earlier visit.";
        return Section.points(
                "Complaint",
                follows,
                call.complaints().stream()
                        .map(complaint -> "“" + complaint.text() + "”")
                        .toList());
    }

    private Section cause() {
        if (call.upkeep() != null) {
            return Section.text("Upkeep", "A visit for upkeep: nothing was to be repaired.");
        }
        var title = call.assessment().plan().next() == null ? "Cause" : "Likeliest cause so far";
        var first = call.assessment().ranking().stream().findFirst();
        if (first.isEmpty() || first.get().chance() < call.assessment().noneOfThese()) {
            return Section.text(title, "None of the causes on our list.");
        }
        var reasons = reasons(first.get());
        var sure = pack.fault(first.get().fault()).name() + ", "
                + Wording.percent(first.get().chance()) + " sure";
        return Section.points(title, sure + (reasons.isEmpty() ? "." : ", because of:"), reasons);
    }

    private List<String> reasons(Suspect suspect) {
        return suspect.why().stream()
                .filter(weight -> weight.decibans() >= NOTICEABLE)
                .sorted(Comparator.comparingDouble(weight -> -weight.decibans()))
                .map(weight -> wording.of(call.entries().get(weight.finding())).inOneLine())
                .toList();
    }

    private Section entries(String title, Predicate<Finding> kind) {
        return Section.rows(
                title,
                call.entries().stream()
                        .filter(entry -> kind.test(entry.finding()))
                        .map(wording::of)
                        .map(said -> new Row(said.what(), said.result()))
                        .toList());
    }

    private Section found() {
        return Section.rows(
                "Found inside",
                JobSheet.said(call.job().conditions()).stream()
                        .map(condition ->
                                new Row(pack.station(condition.station()).name(), Wording.of(condition)))
                        .toList());
    }

    private Section noted() {
        return Section.rows(
                "Also noted",
                JobSheet.said(call.job().notes()).stream()
                        .map(note -> new Row(note.text(), Wording.of(note)))
                        .toList());
    }

    private Section proved() {
        return Section.rows(
                "Tried out afterwards",
                JobSheet.said(call.job().proofs()).stream()
                        .map(run -> row(pack.proof(run.proof()), run))
                        .filter(row -> !row.result().isBlank())
                        .toList());
    }

    /** What shows only under a real load, and until when the customer should have said so. */
    private Section nextUse() {
        var points = JobSheet.said(call.job().proofs()).stream()
                .filter(run -> run.runs() > 0)
                .map(run -> pack.proof(run.proof()).nextUse())
                .filter(Objects::nonNull)
                .toList();
        var until = DAY.format(call.day().plusDays(DAYS_TO_TELL));
        return Section.points(
                "At your next use", points.isEmpty() ? "" : "If it is not so, tell us by " + until + ".", points);
    }

    private Row row(Proof proof, ProofRun run) {
        var results = new ArrayList<String>();
        if (run.runs() > 0) {
            results.add("seen " + (run.runs() == 1 ? "once" : run.runs() + " times"));
        }
        var reading = proof.reading();
        if (reading != null && run.after() != null) {
            var before = call.measuredBefore().get(proof.id());
            results.add(reading.name().toLowerCase() + ": "
                    + (before == null ? "" : reading.show(before, call.units()) + " before, ")
                    + reading.show(run.after(), call.units()) + (before == null ? "" : " after"));
        }
        if (!run.dry().isEmpty()) {
            int joints = run.dry().size();
            results.add(joints == 1 ? "one joint watched, dry" : joints + " joints watched, all dry");
        }
        return new Row(proof.name(), Wording.joined(results));
    }

    private Section parts() {
        var rows = call.partUses().stream().map(this::part).collect(Collectors.toCollection(ArrayList::new));
        if (!rows.isEmpty()) {
            rows.add(new Row("Together", money(call.partsTotal())));
        }
        return Section.rows("Parts", rows);
    }

    private Row part(PartUse use) {
        var words = List.of(
                use.used() + " × " + use.number() + " " + use.name(),
                use.serial().isBlank() ? "" : "serial " + use.serial(),
                Wording.of(use.oldPart()));
        return new Row(Wording.joined(words), money(use.total()));
    }

    private Section things() {
        return Section.rows(
                "Found in the machine",
                JobSheet.said(call.job().things()).stream()
                        .map(thing -> new Row(thing.count() + " × " + thing.what(), fate(thing)))
                        .toList());
    }

    private static String fate(Found thing) {
        return switch (thing.fate()) {
            case KEPT -> "still with us";
            case RETURNED -> "given back";
            case BINNED -> "binned";
        };
    }

    private Section left() {
        var out = JobSheet.said(call.job().pieces()).stream()
                .filter(piece -> piece.place() == Laid.Place.LEFT_OUT)
                .map(piece -> piece.name() + " is left out: " + piece.reason());
        var gaps = call.signOff() == null
                ? Stream.<String>of()
                : call.gaps().stream().map(gap -> gap.text());
        return Section.points(
                "Left undone on purpose",
                Objects.requireNonNullElse(call.signOff(), ""),
                Stream.concat(out, gaps).toList());
    }

    private Section dates() {
        return Section.rows(
                "Next dates",
                call.dates().stream()
                        .map(date -> new Row(
                                date.task(),
                                date.days() == 0
                                        ? "after every use"
                                        : DAY.format(date.first()) + ", then every " + span(date.days())))
                        .toList());
    }

    private Section careTaken() {
        return Section.text(
                "Made safe",
                call.cautionsKept().stream()
                        .map(kept -> pack.caution(kept.caution()).title())
                        .collect(Collectors.joining(", ")));
    }

    /** 1 as "day", 14 as "2 weeks", 180 as "6 months". */
    private static String span(int days) {
        if (days >= 60) {
            return Math.round(days / 30.4) + " months";
        }
        if (days >= 14) {
            return Math.round(days / 7.0) + " weeks";
        }
        return days == 1 ? "day" : days + " days";
    }

    private String money(BigDecimal amount) {
        var format = NumberFormat.getCurrencyInstance(Locale.UK);
        format.setCurrency(Currency.getInstance(business.currency()));
        return format.format(amount);
    }

    private String time(long millis) {
        return TIME.format(Instant.ofEpochMilli(millis).atZone(zone));
    }

    private static List<String> filled(String... lines) {
        return Stream.of(lines).filter(line -> !line.isBlank()).toList();
    }
}
