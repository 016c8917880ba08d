package grimygasket.pack;

import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Code;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Fault;
import grimygasket.pack.evidence.Hint;
import grimygasket.pack.evidence.Outcome;
import grimygasket.pack.evidence.Source;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.machine.Exclusive;
import grimygasket.pack.machine.Feature;
import grimygasket.pack.machine.Hazard;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Needs;
import grimygasket.pack.machine.Path;
import grimygasket.pack.machine.Power;
import grimygasket.pack.machine.Rating;
import grimygasket.pack.machine.Ratings;
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
import grimygasket.util.Arguments;
import grimygasket.util.ById;
import grimygasket.util.Copy;
import grimygasket.util.Lists;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Everything known about one kind of machine.
 *
 * @param id the machine kind
 * @param name of the kind, for example "Dishwasher"
 * @param referMinutes what it costs, in minutes, to give up and hand the call on when nothing listed fits; 0 to 600
 * @param unexplained chance that somebody calls about a machine with none of the listed faults, on a day on which a
 *     faulty one is called about for certain; between 0 and 1
 * @param ratings what machines of the kind are usually made for, in base units
 * @param water where water may stand when it is opened; null for a machine without any
 * @param exclusive symptoms of which only one can be
 * @param sources where its numbers come from; what none of them claims is an estimate
 * @param families models that differ from the kind
 * @param ways what is opened otherwise on some models
 * @param lastLook what is looked at before the tools are packed up
 * @throws PackException if a reference leads nowhere or an id is used twice
 */
public record Pack(
        String id,
        String name,
        double referMinutes,
        double unexplained,
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
        Map<Rating, Double> ratings,
        @Nullable StandingWater water,
        List<Exclusive> exclusive,
        List<Source> sources,
        List<ModelFamily> families,
        List<WayIn> ways,
        List<Look> lastLook) {
    /** Sets of faults and of layers are bit masks. */
    public static final int MOST_FAULTS = 63;

    public static final int MOST_LAYERS = 64;

    public Pack {
        Arguments.text("pack id", id);
        Arguments.text("name of pack " + id, name);
        Arguments.minutes("referMinutes", referMinutes);
        Arguments.open("unexplained", unexplained);
        features = Lists.copy(features);
        layers = Lists.copy(layers);
        paths = Lists.copy(paths);
        faults = Lists.copy(faults);
        symptoms = Lists.copy(symptoms);
        checks = Lists.copy(checks);
        remedies = Lists.copy(remedies);
        proofs = Lists.copy(proofs);
        parts = Lists.copy(parts);
        cautions = Lists.copy(cautions);
        facts = Lists.copy(facts);
        schools = Lists.copy(schools);
        notes = Lists.copy(notes);
        habits = Lists.copy(habits);
        cadences = Lists.copy(cadences);
        exclusive = Lists.copy(exclusive);
        sources = Lists.copy(sources);
        families = Lists.copy(families);
        ways = Lists.copy(ways);
        lastLook = Lists.copy(lastLook);
        ratings = ratings == null ? Map.of() : Copy.of(ratings);
        ratings.forEach(Rating::check);
        var problems = new References(
                        features,
                        layers,
                        paths,
                        faults,
                        symptoms,
                        checks,
                        remedies,
                        proofs,
                        parts,
                        cautions,
                        facts,
                        schools,
                        notes,
                        habits,
                        cadences,
                        ratings.keySet(),
                        water,
                        exclusive,
                        sources,
                        families,
                        ways,
                        lastLook)
                .problems();
        if (problems.isEmpty()) {
            // References lead somewhere, so that what they lead to can be held against each other.
            problems = new Powering(layers, checks, remedies, symptoms, cautions).problems();
        }
        if (!problems.isEmpty()) {
            throw new PackException(problems);
        }
    }

    /**
     * The data of a machine of the kind: its own, and behind them what is usual.
     *
     * @param own in base units
     * @throws IllegalArgumentException naming the value, if no machine has it
     */
    public Ratings ratings(Map<Rating, Double> own) {
        return Ratings.of(name, ratings, own);
    }

    public Fault fault(String faultId) {
        return find("fault", faults, Fault::id, faultId);
    }

    public Symptom symptom(String symptomId) {
        return find("symptom", symptoms, Symptom::id, symptomId);
    }

    public Check check(String checkId) {
        return find("check", checks, Check::id, checkId);
    }

    public Remedy remedy(String remedyId) {
        return find("remedy", remedies, Remedy::id, remedyId);
    }

    public Layer layer(String layerId) {
        return find("layer", layers, Layer::id, layerId);
    }

    public WayIn way(String wayId) {
        return find("way in", ways, WayIn::id, wayId);
    }

    /** The path on which a station lies. */
    public Path pathOf(String stationId) {
        for (var path : paths) {
            for (var station : path.stations()) {
                if (station.id().equals(stationId)) {
                    return path;
                }
            }
        }
        throw new IllegalArgumentException("pack " + id + " has no station " + stationId);
    }

    public Station station(String stationId) {
        return find("station", pathOf(stationId).stations(), Station::id, stationId);
    }

    /**
     * What can hurt or be hurt if the machine has power while a layer is open, by whichever way it is opened: what lies on the tray may
     * have come off another way than the one taken now.
     */
    public Set<Hazard> mayExpose(String layerId) {
        return Stream.concat(
                        Stream.of(layer(layerId)),
                        ways.stream()
                                .flatMap(way -> way.choices().stream())
                                .flatMap(choice -> choice.layers().stream())
                                .filter(layer -> layer.id().equals(layerId)))
                .flatMap(layer -> layer.exposes().stream())
                .collect(Collectors.toSet());
    }

    /** The layers that have to be open to work at one, outermost first, that one included; none for null. */
    public List<Layer> chain(String layerId) {
        var chain = new ArrayList<Layer>();
        for (var id = layerId; id != null; id = layer(id).within()) {
            chain.add(0, layer(id));
        }
        return chain;
    }

    /**
     * The cautions that stand at work in a layer: those of the work, then those of all layers around it.
     *
     * @param layer id of the layer; null for work from outside
     * @param ofTheWork ids of the work's own cautions
     * @param traits see {@link Needs#met}
     */
    public List<Caution> cautions(String layer, List<String> ofTheWork, Collection<String> traits) {
        return cautions(layer, ofTheWork, false, List.of(), traits);
    }

    /** The cautions that stand at a check. */
    public List<Caution> cautions(Check check, Collection<String> traits) {
        var noted = notes.stream()
                .filter(note -> note.checks().contains(check.id()))
                .toList();
        return cautions(check.layer(), check.cautions(), check.runs(), noted, traits);
    }

    /** The cautions that stand at a remedy. */
    public List<Caution> cautions(Remedy remedy, Collection<String> traits) {
        var noted = notes.stream()
                .filter(note -> note.remedies().contains(remedy.id()))
                .toList();
        return cautions(remedy.layer(), remedy.cautions(), remedy.power() == Power.LIVE, noted, traits);
    }

    private List<Caution> cautions(
            String layer, List<String> ofTheWork, boolean runs, List<Hint> noted, Collection<String> traits) {
        var ids = new LinkedHashSet<>(ofTheWork);
        noted.stream().filter(note -> Needs.met(note.needs(), traits)).forEach(note -> ids.addAll(note.cautions()));
        chain(layer).forEach(one -> ids.addAll(one.cautions()));
        if (layer != null || runs) {
            features.stream().filter(one -> traits.contains(one.id())).forEach(one -> ids.addAll(one.cautions()));
        }
        return ids.stream()
                .map(this::caution)
                .filter(caution -> Needs.met(caution.needs(), traits))
                .toList();
    }

    /** Who says a number, by its address; empty for an estimate. */
    public Optional<Source> sourceOf(String address) {
        return sources.stream().filter(source -> source.claims(address)).findFirst();
    }

    public Proof proof(String proofId) {
        return find("proof", proofs, Proof::id, proofId);
    }

    public Part part(String partId) {
        return find("part", parts, Part::id, partId);
    }

    public Caution caution(String cautionId) {
        return find("caution", cautions, Caution::id, cautionId);
    }

    public Fact fact(String factId) {
        return find("fact", facts, Fact::id, factId);
    }

    /**
     * What is wrong with a choice of features.
     *
     * @return a sentence for each feature that the kind does not know, and for each group with more than one
     */
    public List<String> problemsOf(Collection<String> chosen) {
        var problems = new ArrayList<String>();
        var byGroup = new HashMap<String, Feature>();
        for (var id : chosen) {
            var feature =
                    features.stream().filter(f -> f.id().equals(id)).findFirst().orElse(null);
            if (feature == null) {
                problems.add("“" + id + "” is not a feature of a " + name.toLowerCase() + ".");
            } else if (feature.group() != null) {
                var other = byGroup.put(feature.group(), feature);
                if (other != null && other != feature) {
                    problems.add("A " + name.toLowerCase() + " is only one of these: " + other.name() + ", "
                            + feature.name() + ".");
                }
            }
        }
        return problems;
    }

    /**
     * What a code table says about this pack that leads nowhere.
     *
     * @return a sentence for each bad reference; empty if the code fits
     */
    public List<String> problemsOf(Code code) {
        var where = "code " + code.code() + " of " + code.maker();
        var unknown = new ArrayList<String>();
        for (var fault : code.faults().keySet()) {
            if (faults.stream().noneMatch(f -> f.id().equals(fault))) {
                unknown.add(where + " points to the fault " + fault + ", which pack " + id + " does not have");
            }
        }
        for (var symptom : code.symptoms().keySet()) {
            if (symptoms.stream().noneMatch(s -> s.id().equals(symptom))) {
                unknown.add(where + " points to the symptom " + symptom + ", which pack " + id + " does not have");
            }
        }
        return unknown;
    }

    /**
     * The faults that block a path up to a station, that station included: nothing passes the first of them.
     *
     * @param station id of a station; null for none
     */
    public List<Fault> blocking(String station) {
        var blocking = new ArrayList<Fault>();
        for (var path : paths) {
            var ids = path.stations().stream().map(Station::id).toList();
            var upTo = ids.subList(0, ids.indexOf(station) + 1);
            faults.stream()
                    .filter(fault -> fault.blocks() > 0 && fault.at().stream().anyMatch(upTo::contains))
                    .forEach(blocking::add);
        }
        return blocking;
    }

    /** Fault id to the chance that it alone gives an outcome, whether named or by blocking the path. */
    public Map<String, Double> strengths(Outcome outcome) {
        var strengths = new HashMap<String, Double>();
        if (outcome.seen() > 0) {
            blocking(outcome.blockedUpTo())
                    .forEach(fault -> strengths.put(fault.id(), fault.blocks() * outcome.seen()));
        }
        strengths.putAll(outcome.causes());
        return strengths;
    }

    /** The question that a symptom is a choice of; null for one that stands by itself. */
    public Exclusive exclusive(String symptom) {
        return exclusive.stream()
                .filter(one -> one.symptoms().contains(symptom))
                .findFirst()
                .orElse(null);
    }

    /** Ids of the faults that hinder what a proof shows: those at which a remedy with that proof aims. */
    public Set<String> hindering(String proof) {
        var seen =
                Stream.concat(Stream.of(proof), proof(proof).shows().stream()).toList();
        return remedies.stream()
                .filter(remedy -> seen.contains(remedy.proof()))
                .flatMap(remedy -> remedy.cures().keySet().stream())
                .collect(Collectors.toSet());
    }

    private <T> T find(String what, List<T> all, Function<T, String> idOf, String wanted) {
        return ById.of(all, idOf, wanted)
                .orElseThrow(() -> new IllegalArgumentException("pack " + id + " has no " + what + " " + wanted));
    }
}
