package grimygasket.pack.soundness;

import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Feature;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.work.Instruction;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Finds what could hurt somebody who follows a pack to the letter. A pack that ships has none of it. */
public final class Dangers {
    /** Below this an outcome does not speak of a fault, and a remedy is not for it. */
    private static final double SPEAKS = 0.3;

    /** From this strength on a look would have shown a fault. */
    private static final double SHOWS = 0.5;

    /** What is not for a customer at the telephone. */
    private static final Set<Hazard> NOT_BY_PHONE =
            EnumSet.of(Hazard.POWER, Hazard.GAS, Hazard.FIRE, Hazard.MOVING, Hazard.CUTS, Hazard.HEAT, Hazard.FALL);

    private static final Set<Hazard> WATER = EnumSet.of(Hazard.WATER, Hazard.RESIDUAL_WATER);

    /** Words of what stays after power is cut off. */
    private static final List<String> STORED = List.of("stays charged", "holds a charge", "springs throw");

    /** What can hurt at a closed machine while it runs. */
    private static final Set<Hazard> RUNNING = EnumSet.of(Hazard.GAS, Hazard.FIRE);

    private final Pack pack;
    private final List<String> found = new ArrayList<>();

    private Dangers(Pack pack) {
        this.pack = pack;
    }

    /** A sentence for each; empty for a pack that can be followed to the letter. */
    public static List<String> of(Pack pack) {
        var dangers = new Dangers(pack);
        dangers.alarm();
        pack.checks().forEach(dangers::check);
        pack.remedies().forEach(dangers::remedy);
        pack.proofs().forEach(dangers::proof);
        pack.features().forEach(dangers::feature);
        return List.copyOf(dangers.found);
    }

    private void alarm() {
        if (pack.symptoms().stream().noneMatch(symptom -> symptom.alarm() != null)) {
            found.add("No symptom stops the call at once when something smells of burning or trips the breaker.");
        }
        pack.symptoms().stream().filter(symptom -> symptom.alarm() != null).forEach(this::alarm);
    }

    /** What may have set an alarm off is looked for before it is cleared. */
    private void alarm(Symptom symptom) {
        if (symptom.alarm().cleared().isEmpty()) {
            return;
        }
        var shown = symptom.alarm().cleared().stream()
                .flatMap(look -> pack.check(look).outcomes().stream())
                .flatMap(outcome -> pack.strengths(outcome).entrySet().stream())
                .filter(strength -> strength.getValue() >= SHOWS)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        symptom.causes().forEach((fault, strength) -> {
            if (strength >= SHOWS && !shown.contains(fault)) {
                found.add("The alarm “" + symptom.name() + "” is cleared without a look for “"
                        + pack.fault(fault).name() + "”.");
            }
        });
    }

    private void check(Check check) {
        var name = "Check “" + check.name() + "”";
        var hazards = hazards(check.layer(), check.cautions());
        for (var fault : pack.faults()) {
            boolean named = check.outcomes().stream()
                    .anyMatch(outcome -> outcome.causes().getOrDefault(fault.id(), 0.0) >= SPEAKS);
            if (named && fault.danger() != null) {
                var hazard = pack.caution(fault.danger()).hazard();
                if (check.layer() != null || check.runs() && RUNNING.contains(hazard)) {
                    gate(name, fault, hazards);
                }
            }
        }
        found.addAll(PowerWords.contradictions(name, check.power(), check.steps()));
        forAnybody(name, CompetenceWords.contradict(check));
        stored(name, hazards, check.steps());
        if (!check.runs()) {
            unplugged(name, check.layer(), hazards, check.steps());
        }
        if (check.phone() != null && hazards.stream().anyMatch(NOT_BY_PHONE::contains)) {
            found.add(name
                    + " is asked of a customer by telephone, and has a caution that only whoever is there can heed.");
        }
    }

    private void remedy(Remedy remedy) {
        var name = "Remedy “" + remedy.name() + "”";
        var hazards = hazards(remedy.layer(), remedy.cautions());
        for (var fault : pack.faults()) {
            if (remedy.cures().getOrDefault(fault.id(), 0.0) >= SPEAKS) {
                if (fault.danger() != null) {
                    gate(name, fault, hazards);
                    // A narrow place is cured by clearing it; what only trips or blows is not cured before its causes.
                    if (!fault.broughtBy().isEmpty()
                            && fault.blocks() == 0
                            && pack.caution(fault.danger()).hazard() == Hazard.FIRE
                            && !remedy.causesFirst()) {
                        found.add(name + " may be done before what brings “" + fault.name() + "” is cured.");
                    }
                }
            }
        }
        found.addAll(PowerWords.contradictions(name, remedy.power(), remedy.steps()));
        forAnybody(name, CompetenceWords.contradict(remedy));
        stored(name, hazards, remedy.steps());
        unplugged(name, remedy.layer(), hazards, remedy.steps());
    }

    private void proof(Proof proof) {
        forAnybody("Proof “" + proof.name() + "”", CompetenceWords.contradict(proof));
    }

    /** Work near stored energy has a caution against it. */
    private void stored(String name, Set<Hazard> hazards, List<Instruction> steps) {
        boolean speaks = steps.stream()
                .map(step -> step.said().toLowerCase(Locale.ROOT))
                .anyMatch(text -> STORED.stream().anyMatch(text::contains));
        if (speaks && !hazards.contains(Hazard.STORED)) {
            found.add(name + " comes near stored energy by its words, and has no caution against it.");
        }
    }

    private void forAnybody(String name, boolean contradicts) {
        if (contradicts) {
            found.add(name + " is for somebody qualified by its words, and for anybody by its data.");
        }
    }

    /** A dangerous fault is looked for and put right under a caution of the same hazard. */
    private void gate(String name, Fault fault, Set<Hazard> hazards) {
        var hazard = pack.caution(fault.danger()).hazard();
        if (!hazards.contains(hazard)) {
            found.add(name + " comes near “" + fault.name() + "” without a caution of its hazard, "
                    + hazard.name().toLowerCase().replace('_', ' ') + ".");
        }
    }

    /** Behind an electric cover, and where water is let out of an opened machine, it says that the plug is out. */
    private void unplugged(String name, String layer, Set<Hazard> hazards, List<Instruction> steps) {
        boolean electric = hazards(layer, List.of()).contains(Hazard.POWER);
        boolean wet = layer != null && hazards.stream().anyMatch(WATER::contains);
        if ((electric || wet) && steps.stream().noneMatch(step -> PowerWords.cutsOff(step.text()))) {
            found.add(name + (electric ? " works behind an electric cover" : " lets water out of an opened machine")
                    + " and does not say to unplug it.");
        }
    }

    /** Where a feature brings cautions, what runs the machine opened is for machines without it. */
    private void feature(Feature feature) {
        if (feature.cautions().isEmpty()) {
            return;
        }
        for (var check : pack.checks()) {
            boolean opensAir = pack.chain(check.layer()).stream()
                    .flatMap(layer -> layer.pieces().stream())
                    .anyMatch(Piece::joint);
            if (check.runs() && opensAir && !isExcluded(feature, check)) {
                found.add("Check “" + check.name() + "” runs an opened machine, also one that is “" + feature.name()
                        + "”.");
            }
        }
    }

    private boolean isExcluded(Feature feature, Check check) {
        return check.needs().contains("!" + feature.id())
                || pack.features().stream()
                        .filter(other -> other != feature && feature.group() != null)
                        .anyMatch(other -> feature.group().equals(other.group())
                                && check.needs().contains(other.id()));
    }

    private Set<Hazard> hazards(String layer, List<String> ofTheWork) {
        var hazards = new HashSet<Hazard>();
        ofTheWork.forEach(id -> hazards.add(pack.caution(id).hazard()));
        pack.chain(layer)
                .forEach(one -> one.cautions()
                        .forEach(id -> hazards.add(pack.caution(id).hazard())));
        return hazards;
    }
}
