package grimygasket.pack;

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
        List<Sign> signs,
        List<Check> checks,
        List<Remedy> remedies,
        List<Proof> proofs,
        List<Part> parts,
        List<Caution> cautions) {

    /** A sentence for each problem; empty for a sound pack. */
    List<String> problems() {
        var problems = new ArrayList<String>();
        var stations = paths.stream().flatMap(p -> p.stations().stream()).toList();

        var featureIds = ids("feature", features, Feature::id, problems);
        var layerIds = ids("layer", layers, Layer::id, problems);
        ids("path", paths, Path::id, problems);
        var stationIds = ids("station", stations, Station::id, problems);
        var faultIds = ids("fault", faults, Fault::id, problems);
        var signIds = ids("sign", signs, Sign::id, problems);
        ids("check", checks, Check::id, problems);
        ids("remedy", remedies, Remedy::id, problems);
        var proofIds = ids("proof", proofs, Proof::id, problems);
        var partIds = ids("part", parts, Part::id, problems);
        var cautionIds = ids("caution", cautions, Caution::id, problems);

        var known = new Known(problems);
        for (var station : stations) {
            known.require("station " + station.id(), "feature", featureIds, station.needs());
        }
        for (var fault : faults) {
            known.require("fault " + fault.id(), "feature", featureIds, fault.needs());
            fault.at().forEach(at -> known.require("fault " + fault.id(), "station", stationIds, at));
        }
        for (var sign : signs) {
            known.requireAll(
                    "sign " + sign.id(), "fault", faultIds, sign.causes().keySet());
            known.require("sign " + sign.id(), "feature", featureIds, sign.needs());
        }
        for (var check : checks) {
            var where = "check " + check.id();
            known.require(where, "feature", featureIds, check.needs());
            known.require(where, "layer", layerIds, check.layer());
            known.require(where, "caution", cautionIds, check.caution());
            known.requireAll(where, "sign", signIds, check.settles());
            ids("outcome of " + where, check.outcomes(), Outcome::id, problems);
            for (var outcome : check.outcomes()) {
                known.requireAll(where, "fault", faultIds, outcome.causes().keySet());
                known.require(where, "station", stationIds, outcome.blockedUpTo());
            }
        }
        for (var remedy : remedies) {
            var where = "remedy " + remedy.id();
            known.requireAll(where, "fault", faultIds, remedy.cures().keySet());
            known.require(where, "layer", layerIds, remedy.layer());
            known.require(where, "part", partIds, remedy.part());
            known.require(where, "caution", cautionIds, remedy.caution());
            known.require(where, "proof", proofIds, remedy.proof());
        }
        layers.forEach(layer -> known.require("layer " + layer.id(), "layer", layerIds, layer.within()));
        layerOrder(problems);
        return problems;
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

    private record Known(List<String> problems) {
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
