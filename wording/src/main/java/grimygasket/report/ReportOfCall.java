package grimygasket.report;

import grimygasket.call.Complaint;
import grimygasket.call.Entry;
import grimygasket.call.JobSheet;
import grimygasket.call.Knowhow;
import grimygasket.call.Line;
import grimygasket.call.PartUse;
import grimygasket.call.Photo;
import grimygasket.diagnosis.Assessment.Suspect;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.pack.Pack;
import grimygasket.pack.work.Look;
import grimygasket.pack.work.Proof;
import grimygasket.report.Report.Row;
import grimygasket.report.Report.Section;
import grimygasket.report.Report.Shot;
import grimygasket.report.Report.Signed;
import grimygasket.state.CallState;
import grimygasket.util.Distinct;
import grimygasket.visit.line.Condition;
import grimygasket.visit.line.Found;
import grimygasket.visit.line.JobLine;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.Note;
import grimygasket.visit.line.ProofRun;
import grimygasket.wording.Gaps;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Tells a call to the customer. */
public final class ReportOfCall {
    /** Two weeks see a few real loads: estimate. */
    private static final int DAYS_TO_TELL = 14;

    /** Evidence weaker than this, in decibans, is not named as a reason. */
    private static final double NOTICEABLE = 2;

    private final CallState call;
    private final Pack pack;
    private final Letterhead head;
    private final Sender sender;
    private final long today;
    private final Facts facts;

    private ReportOfCall(CallState call, Knowhow knowhow, Letterhead head, long now) {
        this.call = call;
        this.pack = knowhow.pack();
        this.head = head;
        this.sender = head.sender();
        this.today = head.zone().day(now);
        this.facts = new Facts(knowhow, call.find().readings());
    }

    /** @param now in milliseconds since 1970 */
    public static Report of(CallState call, Knowhow knowhow, Letterhead head, long now) {
        return new ReportOfCall(call, knowhow, head, now).report();
    }

    private Report report() {
        var machine = call.machine();
        var sections = Stream.of(
                complaint(),
                cause(),
                entries("Symptoms", finding -> !finding.takesWork()),
                entries("Checked", Checked.class::isInstance),
                entries("Done", RemedyTried.class::isInstance),
                found(),
                noted(),
                proved(),
                nextUse(),
                lastLook(),
                cost(),
                warranty(),
                things(),
                left(),
                Section.text(
                        "Our advice", Objects.requireNonNullElse(call.head().advice(), "")),
                dates(),
                careTaken());
        return new Report(
                sender.name(),
                sender.lines(),
                Numbers.of(call.head()),
                "Report of " + Dates.day(call.head().day()),
                standing(),
                filled(
                        head.customer().name(),
                        head.customer().street(),
                        head.customer().phone()),
                filled(
                        pack.name() + ", " + (machine.maker() + " " + machine.model()).strip(),
                        machine.serial(),
                        machine.place(),
                        head.customer().machineAt()),
                sections.filter(Section::saysSomething).toList(),
                call.photos().stream()
                        .map(photo -> new Shot(photo.id(), shown(photo)))
                        .toList(),
                signed(),
                note() + " The maker’s instructions and local codes come first.");
    }

    /** What a photo shows, by the line of the job sheet that it was taken of. */
    private String shown(Photo photo) {
        return Stream.<List<? extends Line<?>>>of(
                        call.job().pieces(),
                        call.job().conditions(),
                        call.job().things(),
                        call.job().notes())
                .flatMap(List::stream)
                .filter(line -> line.id().equals(photo.lineId()))
                .map(line -> named(line.what()))
                .findFirst()
                .orElse("");
    }

    private String named(JobLine<?> line) {
        if (line instanceof Laid piece) {
            return piece.name();
        } else if (line instanceof Condition condition) {
            return pack.station(condition.station()).name();
        } else if (line instanceof Found thing) {
            return thing.what();
        }
        return line instanceof Note note ? note.text() : "";
    }

    private @Nullable Signed signed() {
        return call.job().signature().stream()
                .findFirst()
                .map(line -> new Signed(
                        line.what().name() + ", "
                                + Dates.day(head.zone().day(line.at())) + " at "
                                + Dates.time(head.zone().minuteOfDay(line.at())),
                        line.what().strokes()))
                .orElse(null);
    }

    /** How the figures came about. */
    private String note() {
        return call.upkeep() == null
                ? "How sure we are is computed from what was seen, told and checked; "
                        + Facts.percent(call.assessment().noneOfThese())
                        + " is left for causes that are not on our list."
                : "The next dates are computed from the usual times and from what was found.";
    }

    private String standing() {
        var closing = call.head().closing();
        if (closing == null) {
            var ahead = call.head().day() > today && !call.story().isEmpty();
            return "The call is not closed yet: this is how it stands."
                    + (ahead
                            ? " We come back on " + Dates.day(call.head().day()) + " at "
                                    + Dates.time(call.head().plannedAt()) + "."
                            : "");
        }
        if (closing.cancelled()) {
            return "The call was cancelled, and nothing was done.";
        }
        var by = Stream.concat(call.story().stream().map(Entry::by), Optional.ofNullable(closing.by()).stream())
                .filter(name -> !name.isBlank())
                .collect(Collectors.collectingAndThen(Distinct.toList(), names -> String.join(" and ", names)));
        return (by.isEmpty() ? "Closed" : by + ", closed") + " at "
                + Dates.time(head.zone().minuteOfDay(closing.at())) + ".";
    }

    private Section complaint() {
        var follows = call.head().follows() == null ? "" : "The machine has failed again since an earlier visit.";
        return Section.points(
                "Complaint",
                follows,
                call.complaints().stream().map(Complaint::text).toList());
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
                + Facts.percent(first.get().chance()) + " sure";
        return Section.points(title, sure + (reasons.isEmpty() ? "." : ", because of:"), reasons);
    }

    private List<String> reasons(Suspect suspect) {
        return suspect.why().stream()
                .filter(weight -> weight.decibans() >= NOTICEABLE)
                .sorted(Comparator.comparingDouble(weight -> -weight.decibans()))
                .map(weight -> facts.of(call.story().get(weight.finding())).inOneLine())
                .toList();
    }

    private Section entries(String title, Predicate<Finding> kind) {
        return Section.rows(
                title,
                call.story().stream()
                        .filter(entry -> kind.test(entry.finding()))
                        .map(facts::of)
                        .map(said -> new Row(said.what(), said.result()))
                        .toList());
    }

    private Section found() {
        return Section.rows(
                "Found inside",
                JobSheet.said(call.job().conditions()).stream()
                        .map(condition ->
                                new Row(pack.station(condition.station()).name(), Facts.of(condition)))
                        .toList());
    }

    private Section noted() {
        return Section.rows(
                "Also noted",
                JobSheet.said(call.job().notes()).stream()
                        .map(note -> new Row(note.text(), Facts.of(note)))
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
        var until = Dates.day(call.head().day() + DAYS_TO_TELL);
        return Section.points(
                "At your next use",
                points.isEmpty() ? "" : "If this isn’t the case, call us" + onPhone() + " by " + until + ".",
                points);
    }

    private String onPhone() {
        return sender.phone().isBlank() ? "" : " on " + sender.phone();
    }

    private Row row(Proof proof, ProofRun run) {
        var results = new ArrayList<String>();
        if (run.runs() > 0) {
            results.add("seen " + (run.runs() == 1 ? "once" : run.runs() + " times"));
        }
        var reading = proof.reading();
        if (reading != null && run.after() != null) {
            var before = call.prove().measuredBefore().get(proof.id());
            results.add(reading.name().toLowerCase(Locale.ROOT) + ": "
                    + (before == null ? "" : reading.show(before, head.units()) + " before, ")
                    + reading.show(run.after(), head.units()) + (before == null ? "" : " after"));
        }
        if (!run.dry().isEmpty()) {
            int joints = run.dry().size();
            results.add(joints == 1 ? "one joint watched, dry" : joints + " joints watched, all dry");
        }
        return new Row(proof.name(), Facts.joined(results));
    }

    private Section cost() {
        var bill = Bill.of(call, sender);
        var rows = new ArrayList<Row>();
        if (bill.minutes() > 0) {
            rows.add(new Row("Labour, " + bill.minutes() + " min", say(bill.labour())));
        }
        call.parts().stream().map(this::part).forEach(rows::add);
        if (rows.size() > 1) {
            rows.add(new Row("Total", say(bill.total())));
        }
        if (!rows.isEmpty() && bill.tax().signum() > 0) {
            rows.add(new Row(
                    "Tax included, " + sender.taxPercent().stripTrailingZeros().toPlainString() + "%",
                    say(bill.tax())));
        }
        return Section.rows(bill.minutes() > 0 ? "Labour and parts" : "Parts", rows);
    }

    /** For what was repaired, from the day on which the call was closed. */
    private Section warranty() {
        var closing = call.head().closing();
        boolean repaired = call.story().stream().anyMatch(entry -> works(entry.finding()));
        if (closing == null || sender.warrantyMonths() == 0 || !repaired) {
            return Section.text("Warranty", "");
        }
        int months = sender.warrantyMonths();
        return Section.text(
                "Warranty",
                (months == 1 ? "1 month" : months + " months") + " from "
                        + Dates.day(head.zone().day(closing.at()))
                        + " on this repair and the parts that we fitted. Your rights by law stand beside it.");
    }

    private static boolean works(Finding finding) {
        return finding instanceof RemedyTried remedy
                && (remedy.proved() == Proved.CURED || remedy.proved() == Proved.PARTLY);
    }

    private String say(BigDecimal amount) {
        return sender.currency().say(amount);
    }

    private Row part(PartUse use) {
        var words = List.of(
                use.used() + " × " + use.number() + " " + use.name(),
                Facts.of(use, call.head().day()),
                Facts.of(use.oldPart()));
        return new Row(Facts.joined(words), say(use.total()));
    }

    private Section things() {
        return Section.rows(
                "Found in the machine",
                JobSheet.said(call.job().things()).stream()
                        .map(thing -> new Row(
                                Facts.joined(List.of(thing.count() + " × " + thing.what(), Facts.of(thing.shape()))),
                                fate(thing)))
                        .toList());
    }

    private Section lastLook() {
        var seen = JobSheet.said(call.job().lastLook()).stream()
                .flatMap(line -> line.looks().stream())
                .toList();
        return Section.points(
                "Looked at before we left",
                "",
                pack.lastLook().stream()
                        .filter(look -> seen.contains(look.id()))
                        .map(Look::text)
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
        var closing = call.head().closing();
        if (closing != null && closing.cancelled()) {
            return Section.text("Why it was cancelled", closing.signOff());
        }
        var signOff = closing == null ? null : closing.signOff();
        var gaps =
                signOff == null ? Stream.<String>of() : Gaps.say(call.handOver().gaps()).stream();
        return Section.points(
                "Left undone on purpose",
                Objects.requireNonNullElse(signOff, ""),
                Stream.concat(out, gaps).toList());
    }

    private Section dates() {
        return Section.rows(
                "Next dates",
                call.handOver().dates().stream()
                        .map(date -> new Row(
                                date.task(),
                                date.days() == 0
                                        ? "after every use"
                                        : Dates.day(date.first()) + ", then every " + Dates.span(date.days())))
                        .toList());
    }

    private Section careTaken() {
        return Section.text(
                "Protected against",
                call.cautions().stream()
                        .map(kept -> pack.caution(kept.caution()).title().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", ")));
    }

    private static List<String> filled(String... lines) {
        return Stream.of(lines).filter(line -> !line.isBlank()).toList();
    }
}
