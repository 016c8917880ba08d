package grimygasket.server.calls;

import grimygasket.gauge.Plausible;
import grimygasket.gauge.Readings;
import grimygasket.pack.Code;
import grimygasket.pack.Outcome;
import grimygasket.pack.Pack;
import grimygasket.server.accounts.AccountStore;
import grimygasket.server.accounts.SignedIn;
import grimygasket.server.knowhow.Library;
import grimygasket.server.machines.MachineStore;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import grimygasket.units.Amount;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What is seen, checked and done on a call: added, corrected and taken back. */
@RestController
@RequestMapping("/api/calls/{callId}/entries")
class EntryController {
    record Correction(
            @NotBlank(message = "Choose an answer.") @Size(max = 40)
            String answer,

            @Valid NewEntry.Typed measured,
            int version) {}

    private final CallStore calls;
    private final EntryStore entries;
    private final JobStore job;
    private final MachineStore machines;
    private final AccountStore accounts;
    private final Library library;
    private final CallFile file;

    EntryController(
            CallStore calls,
            EntryStore entries,
            JobStore job,
            MachineStore machines,
            AccountStore accounts,
            Library library,
            CallFile file) {
        this.calls = calls;
        this.entries = entries;
        this.job = job;
        this.machines = machines;
        this.accounts = accounts;
        this.library = library;
        this.file = file;
    }

    @PostMapping
    @Transactional
    public CallView add(
            @PathVariable UUID callId, @Valid @RequestBody NewEntry entry, @AuthenticationPrincipal SignedIn me) {
        var call = calls.open(callId);
        var subject = subject(call, entry);
        requireAnswer(call, entry.kind(), subject, entry.answer());
        requireLicence(call, entry.kind(), subject);
        var reading = reading(call, entry.kind(), subject, entry.answer(), entry.measured(), me);
        if (entries.isKnown(entry.id())) {
            requireRepeat(entries.entry(entry.id(), callId), entry, subject);
            return file.of(callId, me);
        }
        var stretch = EntryStore.stretch(entries.of(callId));
        requireCompatible(call, entry.kind(), subject, entry.answer(), stretch);
        var settled = stretch.stream()
                .filter(one -> one.kind() == entry.kind() && one.subject().equals(subject))
                .findFirst();
        if (settled.isEmpty()) {
            entries.add(entry, subject, reading, callId, me.fullName());
            if (showsFault(entry)) {
                calls.seesFault(callId);
            }
            calls.touch(callId);
        } else if (!isSame(settled.get(), entry.answer(), reading)) {
            throw stale(settled.get());
        }
        return file.of(callId, me);
    }

    @PutMapping("/{entryId}")
    @Transactional
    public CallView correct(
            @PathVariable UUID callId,
            @PathVariable UUID entryId,
            @Valid @RequestBody Correction correction,
            @AuthenticationPrincipal SignedIn me) {
        var call = calls.open(callId);
        var entry = entries.entry(entryId, callId)
                .orElseThrow(() -> new Problem(Kind.NOT_FOUND, "This entry was taken back on another screen."));
        requireAnswer(call, entry.kind(), entry.subject(), correction.answer);
        requireCompatible(
                call, entry.kind(), entry.subject(), correction.answer, EntryStore.stretch(entries.of(callId)));
        var reading = reading(call, entry.kind(), entry.subject(), correction.answer, correction.measured, me);
        if (!entries.change(entryId, correction.answer, reading, correction.version)) {
            throw stale(entry);
        }
        if (correction.answer.equals("still-failing")) {
            job.proofFailed(callId, file.pack(call).remedy(entry.subject()).proof());
        }
        calls.touch(callId);
        return file.of(callId, me);
    }

    /** Takes an entry back; one that is already gone is gone. */
    @DeleteMapping("/{entryId}")
    @Transactional
    public CallView remove(
            @PathVariable UUID callId,
            @PathVariable UUID entryId,
            @RequestParam int version,
            @AuthenticationPrincipal SignedIn me) {
        calls.open(callId);
        entries.entry(entryId, callId).ifPresent(entry -> {
            if (!entries.remove(entryId, version)) {
                throw stale(entry);
            }
            calls.touch(callId);
        });
        return file.of(callId, me);
    }

    private String subject(ServiceCall call, NewEntry entry) {
        if (entry.kind() != Entry.Kind.CODE) {
            return entry.subject();
        }
        var machine = machines.machine(call.machineId());
        return library.findCode(machine.kind(), call.revision(), machine.maker(), entry.subject())
                .map(Code::code)
                .orElse(entry.subject().strip());
    }

    /** Whoever sees a sign or a code on a visit for upkeep sees that something is wrong. */
    private static boolean showsFault(NewEntry entry) {
        return entry.kind() == Entry.Kind.CODE
                || entry.kind() == Entry.Kind.SIGN && entry.answer().equals("yes");
    }

    /** The same change sent again changes nothing; another one may not borrow its id. */
    private static void requireRepeat(Optional<Entry> kept, NewEntry entry, String subject) {
        if (kept.isPresent()
                && (kept.get().kind() != entry.kind() || !kept.get().subject().equals(subject))) {
            throw new Problem(Kind.INVALID, "This was sent as a repeat of another entry. Enter it once more.");
        }
    }

    /** Of signs that exclude each other only one can be. */
    private void requireCompatible(
            ServiceCall call, Entry.Kind kind, String subject, String answer, List<Entry> stretch) {
        var pack = file.pack(call);
        var question = kind == Entry.Kind.SIGN && answer.equals("yes") ? pack.exclusive(subject) : null;
        if (question == null) {
            return;
        }
        stretch.stream()
                .filter(one -> one.kind() == Entry.Kind.SIGN && one.answer().equals("yes"))
                .filter(one ->
                        !one.subject().equals(subject) && question.signs().contains(one.subject()))
                .findFirst()
                .ifPresent(other -> {
                    throw new Problem(
                            Kind.INVALID,
                            "“" + pack.sign(subject).name() + "” and “"
                                    + pack.sign(other.subject()).name()
                                    + "” exclude each other. Take the other back first, in the story.");
                });
    }

    private static boolean isSame(Entry settled, String answer, Amount reading) {
        return settled.answer().equals(answer)
                && Objects.equals(settled.reading(), reading == null ? null : reading.value());
    }

    /** What was measured; null where the answer is not a reading. */
    private Amount reading(
            ServiceCall call, Entry.Kind kind, String subject, String answer, NewEntry.Typed typed, SignedIn me) {
        if (kind != Entry.Kind.CHECK || !answer.equals(Entry.MEASURED)) {
            return null;
        }
        if (typed == null) {
            throw new Problem(Kind.INVALID, "Enter what was read.");
        }
        var measure = file.pack(call).check(subject).measure();
        return Plausible.read(
                measure, new Readings.Typed(typed.text(), typed.unit(), typed.spread()), accounts.family(me.id()));
    }

    private void requireAnswer(ServiceCall call, Entry.Kind kind, String subject, String answer) {
        if (!answers(file.pack(call), kind, subject).contains(answer)) {
            throw new Problem(Kind.INVALID, "“" + answer + "” is not an answer to this. Choose one of those shown.");
        }
    }

    /** What only licensed people may do is not entered as done: the call is handed on. */
    private void requireLicence(ServiceCall call, Entry.Kind kind, String subject) {
        if (kind == Entry.Kind.REMEDY) {
            var licensed = file.pack(call).remedy(subject).licensed();
            if (licensed != null) {
                throw new Problem(
                        Kind.LICENSED,
                        "This is work for a licensed " + licensed + ". Make it safe, and hand the call on.");
            }
        }
    }

    private static List<String> answers(Pack pack, Entry.Kind kind, String subject) {
        try {
            return switch (kind) {
                case SIGN -> {
                    pack.sign(subject);
                    yield List.of("yes", "no", "unknown");
                }
                case FACT ->
                    pack.fact(subject).choices().stream()
                            .map(choice -> choice.id())
                            .toList();
                case CODE -> List.of("shown");
                case CHECK -> {
                    var check = pack.check(subject);
                    yield Stream.concat(
                                    check.outcomes().stream().map(Outcome::id),
                                    Stream.ofNullable(check.measure() == null ? null : Entry.MEASURED))
                            .toList();
                }
                case REMEDY -> {
                    pack.remedy(subject);
                    yield List.of("done", "cured", "partly", "still-failing", "kept-up");
                }
            };
        } catch (IllegalArgumentException e) {
            throw new Problem(Kind.INVALID, "“" + subject + "” is not known for this kind of machine.");
        }
    }

    private static Problem stale(Entry theirs) {
        return new Problem(Kind.STALE, "This was answered on another screen meanwhile.").with("theirs", theirs);
    }
}
