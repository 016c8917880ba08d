package grimygasket.pack;

import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Hint;
import grimygasket.pack.evidence.Measure;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Source;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Exclusive;
import grimygasket.pack.machine.Feature;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Needs;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.machine.StandingWater;
import grimygasket.pack.machine.Station;
import grimygasket.pack.machine.WayIn;
import grimygasket.pack.work.Cadence;
import grimygasket.pack.work.Caution;
import grimygasket.pack.work.Habit;
import grimygasket.pack.work.Look;
import grimygasket.pack.work.Part;
import grimygasket.pack.work.Proof;
import grimygasket.pack.work.Remedy;
import grimygasket.pack.work.School;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** Checks that every id of a pack is used once and that every reference leads somewhere. */
record References(
        List<Feature> features,
        List<Layer> layers,
        List<Path> paths,
        List<Fault> faults,
        List<Symptom> symptoms,
        List<Check> checks,
        List<Remedy> remedies,
        List<Proof> proofs,
        List<Part> parts,
        List<Caution> cautions,
        List<Fact> facts,
        List<School> schools,
        List<Hint> notes,
        List<Habit> habits,
        List<Cadence> cadences,
        Set<Rating> ratings,
        StandingWater water,
        List<Exclusive> exclusive,
        List<Source> sources,
        List<ModelFamily> families,
        List<WayIn> ways,
        List<Look> lastLook) {

    /** A sentence for each problem; empty for a sound pack. */
    List<String> problems() {
        var problems = new ArrayList<String>();
        var stations = paths.stream().flatMap(p -> p.stations().stream()).toList();

        var layerIds = ids("layer", layers, Layer::id, problems);
        ids("path", paths, Path::id, problems);
        var stationIds = ids("station", stations, Station::id, problems);
        var faultIds = ids("fault", faults, Fault::id, problems);
        var symptomIds = ids("symptom", symptoms, Symptom::id, problems);
        var checkIds = ids("check", checks, Check::id, problems);
        var remedyIds = ids("remedy", remedies, Remedy::id, problems);
        var proofIds = ids("proof", proofs, Proof::id, problems);
        var partIds = ids("part", parts, Part::id, problems);
        var cautionIds = ids("caution", cautions, Caution::id, problems);
        var askable = new HashSet<>(ids("fact", facts, Fact::id, problems));
        askable.addAll(symptomIds);
        askable.addAll(checkIds);
        ids("cadence", cadences, Cadence::id, problems);
        ids("source", sources, Source::id, problems);
        ids("family", families, ModelFamily::id, problems);
        var known = new Known(problems, traits(problems), ratings);

        atMost("faults", faults.size(), Pack.MOST_FAULTS, problems);
        atMost("layers", layers.size(), Pack.MOST_LAYERS, problems);
        features.forEach(
                feature -> known.requireAll("feature " + feature.id(), "caution", cautionIds, feature.cautions()));
        circles(problems);

        for (var station : stations) {
            known.needs("station " + station.id(), station.needs());
        }
        for (var fault : faults) {
            var where = "fault " + fault.id();
            known.needs(where, fault.needs());
            known.require(where, "caution", cautionIds, fault.danger());
            known.requireAll(where, "station", stationIds, fault.at());
            known.requireAll(where, "fault", faultIds, fault.broughtBy().keySet());
        }
        for (var symptom : symptoms) {
            var where = "symptom " + symptom.id();
            known.requireAll(where, "fault", faultIds, symptom.causes().keySet());
            known.requireAll(where, "question or check", askable, symptom.settles());
            if (symptom.alarm() != null) {
                known.require(where, "caution", cautionIds, symptom.alarm().caution());
                known.requireAll(where, "check", checkIds, symptom.alarm().cleared());
                known.require(where, "proof", proofIds, symptom.alarm().proof());
            }
            known.needs(where, symptom.needs());
        }
        for (var check : checks) {
            var where = "check " + check.id();
            known.needs(where, check.needs());
            known.require(where, "layer", layerIds, check.layer());
            known.requireAll(where, "caution", cautionIds, check.cautions());
            known.requireAll(where, "question or check", askable, check.settles());
            known.requireAll(where, "check", checkIds, check.after());
            known.requireAll(where, "layer", layerIds, check.mayBeOff());
            if (check.measure() != null) {
                known.measure("the reading of " + where, check.measure(), faultIds, stationIds);
            }
            ids("outcome of " + where, check.outcomes(), Outcome::id, problems);
            for (var outcome : check.outcomes()) {
                known.requireAll(where, "fault", faultIds, outcome.causes().keySet());
                known.require(where, "station", stationIds, outcome.blockedUpTo());
            }
        }
        var pieceIds = ids(
                "piece",
                layers.stream().flatMap(layer -> layer.pieces().stream()).toList(),
                Piece::id,
                problems);
        for (var proof : proofs) {
            known.requireAll("proof " + proof.id(), "proof", proofIds, proof.shows());
            known.requireAll("proof " + proof.id(), "piece", pieceIds, proof.inPlace());
            if (proof.reading() != null) {
                known.require(
                        "the reading of proof " + proof.id(),
                        "check",
                        checkIds,
                        proof.reading().check());
            }
        }
        for (var remedy : remedies) {
            var where = "remedy " + remedy.id();
            known.requireAll(where, "fault", faultIds, remedy.cures().keySet());
            known.require(where, "layer", layerIds, remedy.layer());
            known.requireAll(where, "part", partIds, remedy.parts());
            known.requireAll(where, "caution", cautionIds, remedy.cautions());
            known.require(where, "proof", proofIds, remedy.proof());
            known.requireAll(where, "check", checkIds, remedy.after());
            known.require(where, "part", partIds, remedy.spare());
            known.needs(where, remedy.needs());
        }
        for (var layer : layers) {
            var where = "layer " + layer.id();
            known.require(where, "layer", layerIds, layer.within());
            known.requireAll(where, "caution", cautionIds, layer.cautions());
            layer.pieces().forEach(piece -> known.needs("piece " + piece.id(), piece.needs()));
        }
        cautions.forEach(caution -> known.needs("caution " + caution.id(), caution.needs()));
        if (water != null) {
            known.requireAll("the standing water", "layer", layerIds, water.layers());
        }
        layerOrder(problems);
        ids("way in", ways, WayIn::id, problems);
        ids("last look", lastLook, Look::id, problems);
        lastLook.forEach(look -> known.needs("last look " + look.id(), look.needs()));
        var choices = ways.stream().flatMap(way -> way.choices().stream()).toList();
        ids("choice", choices, WayIn.Route::id, problems);
        for (var choice : choices) {
            var where = "choice " + choice.id();
            known.requireAll(
                    where,
                    "layer",
                    layerIds,
                    choice.layers().stream().map(Layer::id).toList());
            known.requireAll(
                    where,
                    "piece",
                    pieceIds,
                    choice.pieces().stream().map(Piece::id).toList());
        }
        for (var fact : facts) {
            var where = "fact " + fact.id();
            ids("choice of " + where, fact.choices(), Fact.Choice::id, problems);
            fact.choices()
                    .forEach(choice -> known.requireAll(
                            where, "fault", faultIds, choice.shifts().keySet()));
            known.needs(where, fact.needs());
        }
        for (var note : notes) {
            var where = "the note “" + note.text() + "”";
            known.requireAll(where, "check", checkIds, note.checks());
            known.requireAll(where, "remedy", remedyIds, note.remedies());
            known.requireAll(where, "caution", cautionIds, note.cautions());
            known.needs(where, note.needs());
        }
        for (var habit : habits) {
            var where = "the habit “" + habit.text() + "”";
            known.requireAll(where, "fault", faultIds, habit.faults());
            known.needs(where, habit.needs());
        }
        ids("question", exclusive, Exclusive::id, problems).stream()
                .filter(symptomIds::contains)
                .forEach(id -> problems.add("the question " + id + " is called as a symptom is"));
        var chosen = new HashSet<String>();
        for (var question : exclusive) {
            var where = "the question " + question.id();
            known.requireAll(where, "symptom", symptomIds, question.symptoms());
            question.symptoms().stream()
                    .filter(symptom -> !chosen.add(symptom))
                    .forEach(symptom -> problems.add("symptom " + symptom + " is a choice of two questions"));
        }
        for (var cadence : cadences) {
            var where = "cadence " + cadence.id();
            known.requireAll(where, "fault", faultIds, cadence.faults());
            known.requireAll(where, "remedy", remedyIds, cadence.remedies());
            known.needs(where, cadence.needs());
        }
        return problems;
    }

    /** Everything that a need can ask for: features, and the choices of schools. */
    private Set<String> traits(List<String> problems) {
        var traits = new HashSet<>(ids("feature", features, Feature::id, problems));
        ids("school", schools, School::id, problems);
        for (var school : schools) {
            ids("choice of school " + school.id(), school.choices(), School.Way::id, problems)
                    .forEach(choice -> traits.add(school.id() + "=" + choice));
        }
        return traits;
    }

    private static void atMost(String what, int count, int most, List<String> problems) {
        if (count > most) {
            problems.add("there are " + count + " " + what + ", and at most " + most + " can be weighed together");
        }
    }

    /** No fault brings itself about, not by way of others either. */
    private void circles(List<String> problems) {
        var settled = new HashSet<String>();
        boolean moves = true;
        while (moves) {
            moves = false;
            for (var fault : faults) {
                moves |= settled.containsAll(fault.broughtBy().keySet()) && settled.add(fault.id());
            }
        }
        faults.stream()
                .filter(fault -> !settled.contains(fault.id()))
                .filter(fault -> faults.stream()
                        .map(Fault::id)
                        .toList()
                        .containsAll(fault.broughtBy().keySet()))
                .findFirst()
                .ifPresent(fault -> problems.add("fault " + fault.id() + " brings itself about, by way of "
                        + String.join(", ", fault.broughtBy().keySet())));
    }

    /** A layer comes after the one it lies within, so that no chain of layers can run in a circle. */
    private void layerOrder(List<String> problems) {
        var before = new HashSet<String>();
        for (var layer : layers) {
            if (layer.within() != null && !before.contains(layer.within())) {
                problems.add("layer " + layer.id() + " must stand after the layer it lies within, " + layer.within());
            }
            before.add(layer.id());
        }
    }

    private static <T> Set<String> ids(String what, List<T> all, Function<T, String> idOf, List<String> problems) {
        var seen = new HashSet<String>();
        for (T one : all) {
            if (!seen.add(idOf.apply(one))) {
                problems.add(what + " " + idOf.apply(one) + " is there twice");
            }
        }
        return seen;
    }

    private record Known(List<String> problems, Set<String> traits, Set<Rating> ratings) {
        void needs(String where, List<String> needs) {
            needs.forEach(need -> require(where, "feature or school", traits, Needs.trait(need)));
        }

        void measure(String where, Measure measure, Set<String> faults, Set<String> stations) {
            require(where, "station", stations, measure.station());
            requireAll(where, "fault", faults, measure.levels().keySet());
            requireAll(where, "fault", faults, measure.off());
            requireAll(where, "fault", faults, measure.leaks());
            measure.model().needs().stream()
                    .filter(rating -> !ratings.contains(rating))
                    .forEach(rating -> problems.add(where + " needs the rating " + rating + ", which is not given"));
        }

        void require(String where, String what, Set<String> ids, String id) {
            if (id != null && !ids.contains(id)) {
                problems.add(where + " names the " + what + " " + id + ", which does not exist");
            }
        }

        void requireAll(String where, String what, Set<String> ids, Collection<String> wanted) {
            wanted.forEach(id -> require(where, what, ids, id));
        }
    }
}
