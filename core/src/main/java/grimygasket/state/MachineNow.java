package grimygasket.state;

import grimygasket.call.Call;
import grimygasket.call.Confirmed;
import grimygasket.call.JobSheet;
import grimygasket.call.Knowhow;
import grimygasket.call.Line;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.story.Quarantine;
import grimygasket.pack.Pack;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Caution;
import grimygasket.visit.line.Debt;
import grimygasket.visit.line.Laid;
import grimygasket.visit.ring.InTheWay;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What of the machine can hurt right now. It is derived from what was entered, like everything else, and never kept: confirming a
 * caution of power cuts it off, a check that runs gives it power, and whoever sees that it is otherwise says so on the job sheet.
 *
 * @param supply what its power is like
 * @param since when that came to be so, in milliseconds since 1970; null where nobody has said anything: it is taken as live
 * @param stored what it may hold after it was cut off
 * @param waterShut whether its water is shut off
 * @param gasShut whether its gas is shut off
 * @param off names of what goes back before it has power, in the order in which it was laid down
 * @param offFor id of a check that may have some of it off to the names of the rest
 * @param alarms ids of the cautions of the alarms that are not cleared, to be read out to whoever asks by telephone
 * @param looks ids of the checks that have yet to find nothing before it has power again
 * @param lapsed ids of the cautions that were taken care of, and are not any more: it has run since, is hot and full again
 */
public record MachineNow(
        Supply supply,
        @Nullable Long since,
        Stored stored,
        boolean waterShut,
        boolean gasShut,
        List<String> off,
        Map<String, List<String>> offFor,
        List<String> alarms,
        List<String> looks,
        List<String> lapsed) {
    /** What a machine's power is like. */
    public enum Supply {
        /** It may have power. */
        LIVE,
        /** Unplugged, breaker off, battery out. */
        ISOLATED,
        /** The same after an alarm: it is not to have power. */
        QUARANTINED
    }

    /** What stays behind the covers after power is cut off, as the charge of a capacitor does. */
    public enum Stored {
        /** The covers over it are on. */
        GUARDED,
        /** A cover is off, and nobody has seen to the charge. */
        PRESENT,
        /** A cover is off, and somebody has seen to the charge since the machine last had power. */
        RELEASED
    }

    private static final Set<Hazard> CUT_OFF = EnumSet.of(Hazard.POWER, Hazard.BATTERY);

    /** What comes back with a run. */
    private static final Set<Hazard> COMES_BACK = EnumSet.of(Hazard.STORED, Hazard.HEAT, Hazard.RESIDUAL_WATER);

    static MachineNow of(Call call, Knowhow knowhow, long now) {
        var pack = knowhow.pack();
        var quarantine = Quarantine.of(pack, knowhow.machine(), call.findings(knowhow));
        var events = events(call, pack);
        var last = events.lastEntry();
        boolean isolated = last != null && !last.getValue();
        var job = call.job();
        var laid = JobSheet.said(job.pieces());
        var offFor = new LinkedHashMap<String, List<String>>();
        pack.checks().stream()
                .filter(check -> !check.mayBeOff().isEmpty())
                .forEach(check -> offFor.put(check.id(), names(InTheWay.of(pack, laid, check.mayBeOff(), now))));
        return new MachineNow(
                quarantine.holds() ? Supply.QUARANTINED : isolated ? Supply.ISOLATED : Supply.LIVE,
                last == null ? null : last.getKey(),
                stored(call, pack, laid, events),
                isOff(job, Debt.Kind.WATER_OFF),
                isOff(job, Debt.Kind.GAS_OFF),
                names(InTheWay.of(pack, laid, List.of(), now)),
                offFor,
                quarantine.open().stream()
                        .map(symptom -> symptom.alarm().caution())
                        .toList(),
                quarantine.looks(),
                lapsed(call, pack, events));
    }

    private static Stored stored(Call call, Pack pack, List<Laid> laid, TreeMap<Long, Boolean> events) {
        var standing = laid.stream()
                .filter(piece -> piece.place() != Laid.Place.BACK && piece.layer() != null)
                .filter(piece -> pack.mayExpose(piece.layer()).contains(Hazard.STORED))
                .flatMap(piece -> pack.layer(piece.layer()).cautions().stream())
                .filter(caution -> pack.caution(caution).hazard() == Hazard.STORED)
                .toList();
        if (standing.isEmpty()) {
            return Stored.GUARDED;
        }
        long ran = lastRun(events);
        boolean released = call.cautions().stream()
                .anyMatch(confirmed -> confirmed.at() >= ran && standing.contains(confirmed.caution()));
        return released ? Stored.RELEASED : Stored.PRESENT;
    }

    /** When it last had power; before all time where it never had. */
    private static long lastRun(TreeMap<Long, Boolean> events) {
        return events.descendingMap().entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(Long.MIN_VALUE);
    }

    /** Cutting off lapses while it has power, and what comes back with a run lapses with the last one. */
    private static List<String> lapsed(Call call, Pack pack, TreeMap<Long, Boolean> events) {
        long ran = lastRun(events);
        boolean hasPower = !events.isEmpty() && events.lastEntry().getValue();
        var since = new HashMap<String, Long>();
        call.cautions().forEach(confirmed -> since.merge(confirmed.caution(), confirmed.at(), Math::max));
        return pack.cautions().stream()
                .filter(caution -> since.getOrDefault(caution.id(), Long.MAX_VALUE) < ran)
                .filter(caution ->
                        COMES_BACK.contains(caution.hazard()) || hasPower && CUT_OFF.contains(caution.hazard()))
                .map(Caution::id)
                .toList();
    }

    private static List<String> names(List<Laid> pieces) {
        return pieces.stream().map(Laid::name).toList();
    }

    private static boolean isOff(JobSheet job, Debt.Kind kind) {
        return job.debts().stream().map(Line::what).anyMatch(debt -> debt.what() == kind && !debt.settled());
    }

    /** When power was given or cut off, by time: whether it was given. */
    private static TreeMap<Long, Boolean> events(Call call, Pack pack) {
        var events = new TreeMap<Long, Boolean>();
        for (var entry : call.story()) {
            if (entry.finding() instanceof Checked made) {
                add(events, entry.at(), pack.check(made.check()).power());
            } else if (entry.finding() instanceof RemedyTried tried) {
                var remedy = pack.remedy(tried.remedy());
                add(events, entry.at(), remedy.power());
                if (tried.proved().isSeen() && pack.proof(remedy.proof()).power() == Power.LIVE) {
                    events.put(entry.changedAt() == null ? entry.at() : entry.changedAt(), true);
                }
            }
        }
        for (var run : call.job().proofs()) {
            if (run.what().runs() > 0 && pack.proof(run.what().proof()).power() == Power.LIVE) {
                events.put(run.at(), true);
            }
        }
        call.cautions().stream()
                .filter(confirmed ->
                        CUT_OFF.contains(pack.caution(confirmed.caution()).hazard()))
                .map(Confirmed::at)
                .forEach(at -> events.put(at, false));
        call.job().debts().stream()
                .filter(line -> line.what().what() == Debt.Kind.POWER_OFF)
                .forEach(line -> events.put(line.at(), line.what().settled()));
        return events;
    }

    private static void add(Map<Long, Boolean> events, long at, Power power) {
        switch (power) {
            case LIVE -> events.put(at, true);
            case DEAD -> events.put(at, false);
            case EITHER -> {
                // It says nothing about it.
            }
        }
    }
}
