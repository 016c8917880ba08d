package grimygasket.pack;

import grimygasket.pack.evidence.Alarm;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Remedy;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * What a pack has to keep, whatever its sentences say. While the machine has power, nothing is open but what the check names.
 * Work behind a cover is done without power. A check that clears an alarm gives no power. A pack that breaks one of these is not
 * made.
 */
record Powering(
        List<Layer> layers, List<Check> checks, List<Remedy> remedies, List<Symptom> symptoms, List<Caution> cautions) {
    /** What hurts whoever has their hands in it while the machine has power. */
    private static final Set<Hazard> LIVE = EnumSet.of(Hazard.POWER, Hazard.BATTERY, Hazard.STORED, Hazard.MOVING);

    /** What keeps power away. */
    private static final Set<Hazard> CUT_OFF = EnumSet.of(Hazard.POWER, Hazard.BATTERY);

    private static final Set<Hazard> WATER = EnumSet.of(Hazard.WATER, Hazard.RESIDUAL_WATER);

    /** A sentence for each problem. */
    List<String> problems() {
        var problems = new ArrayList<String>();
        layers.forEach(layer -> layer(layer, problems));
        checks.forEach(check -> check(check, problems));
        remedies.forEach(remedy -> remedy(remedy, problems));
        symptoms.stream()
                .filter(symptom -> symptom.alarm() != null)
                .forEach(symptom -> alarm(symptom.id(), symptom.alarm(), problems));
        return problems;
    }

    private void layer(Layer layer, List<String> problems) {
        var stand = hazards(layer.cautions());
        if (layer.exposes().isEmpty() && CUT_OFF.stream().anyMatch(stand::contains)) {
            problems.add("layer " + layer.id() + " has a caution of power, and exposes nothing that has it");
        }
        layer.pieces().stream()
                .filter(piece -> piece.mayBeOff() && !layer.exposes().isEmpty())
                .forEach(piece -> problems.add("piece " + piece.id() + " may be off with power, and its layer "
                        + layer.id() + " exposes what can hurt"));
        if (!layer.exposes().isEmpty() && layer.pieces().stream().allMatch(Piece::optional)) {
            problems.add("layer " + layer.id() + " exposes what can hurt, and has no piece that covers it");
        }
        for (var hazard : layer.exposes()) {
            var wanted = LIVE.contains(hazard) ? CUT_OFF : WATER.contains(hazard) ? WATER : Set.of(hazard);
            if (wanted.stream().noneMatch(stand::contains)) {
                problems.add(
                        "layer " + layer.id() + " exposes " + word(hazard) + " and has no caution that keeps it away");
            }
        }
    }

    private void check(Check check, List<String> problems) {
        var where = "check " + check.id();
        if (!check.runs()) {
            dead(where, check.layer(), check.power(), problems);
            if (!check.mayBeOff().isEmpty()) {
                problems.add(where + " has no power, so that no layer need be named that may be off");
            }
            return;
        }
        var stand = hazards(check.cautions());
        for (var layer : chain(check.layer())) {
            stand.addAll(hazards(layer.cautions()));
            if (!layer.exposes().isEmpty() && !check.mayBeOff().contains(layer.id())) {
                problems.add(where + " has power while " + layer.id() + " is open, and does not say that it may be");
            }
        }
        for (var layer : layers) {
            if (check.mayBeOff().contains(layer.id())) {
                layer.exposes().stream()
                        .filter(hazard -> !stand.contains(hazard))
                        .forEach(hazard -> problems.add(where + " has power while " + layer.id()
                                + " is open, and no caution against " + word(hazard)));
            }
        }
    }

    private void remedy(Remedy remedy, List<String> problems) {
        var where = "remedy " + remedy.id();
        if (remedy.power() != Power.LIVE) {
            dead(where, remedy.layer(), remedy.power(), problems);
        } else if (chain(remedy.layer()).stream()
                .anyMatch(layer -> !layer.exposes().isEmpty())) {
            problems.add(where + " has power while something is open that exposes what can hurt");
        }
    }

    private void dead(String where, String layer, Power power, List<String> problems) {
        boolean live =
                chain(layer).stream().flatMap(one -> one.exposes().stream()).anyMatch(LIVE::contains);
        if (live && power != Power.DEAD) {
            problems.add(where + " is done behind a cover, and does not want the power off");
        }
    }

    private void alarm(String symptom, Alarm alarm, List<String> problems) {
        checks.stream()
                .filter(check -> alarm.cleared().contains(check.id()) && check.power() != Power.DEAD)
                .forEach(check -> problems.add("the alarm of symptom " + symptom + " is cleared by the check "
                        + check.id() + ", which does not want the power off"));
    }

    private List<Layer> chain(String layer) {
        Map<String, Layer> byId = new HashMap<>();
        layers.forEach(one -> byId.put(one.id(), one));
        var chain = new ArrayList<Layer>();
        for (var one = byId.get(layer); one != null; one = byId.get(one.within())) {
            chain.add(one);
        }
        return chain;
    }

    private Set<Hazard> hazards(List<String> ids) {
        var hazards = new HashSet<Hazard>();
        cautions.stream()
                .filter(caution -> ids.contains(caution.id()))
                .forEach(caution -> hazards.add(caution.hazard()));
        return hazards;
    }

    private static String word(Hazard hazard) {
        return hazard.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
