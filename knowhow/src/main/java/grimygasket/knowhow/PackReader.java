package grimygasket.knowhow;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import grimygasket.pack.Pack;
import grimygasket.pack.PackException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Reads packs from YAML; refuses a bad one whole, with all that is wrong with it. */
public final class PackReader {
    private static final YAMLMapper YAML = YAMLMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private final Schema schema;

    /**
     * @param schema the JSON Schema that packs obey
     */
    PackReader(String schema) {
        this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema);
    }

    /**
     * @throws PackException if it breaks the schema, or refers to what it does not have
     */
    Pack read(JsonNode tree) {
        var errors = schema.validate(tree);
        if (!errors.isEmpty()) {
            throw new PackException(problems(tree, errors));
        }
        try {
            return YAML.treeToValue(tree, Pack.class);
        } catch (JacksonException e) {
            throw e.getCause() instanceof PackException pack ? pack : new PackException(List.of(reason(e)));
        }
    }

    /**
     * The pack as a tree of today's form, unchecked.
     *
     * @throws PackException if it is not YAML
     */
    public static JsonNode tree(String yaml) {
        try {
            var tree = YAML.readTree(yaml);
            requireNumbers(tree);
            return OlderPacks.today(tree);
        } catch (JacksonException e) {
            throw new PackException(List.of("This is not a readable YAML file: " + e.getOriginalMessage()));
        }
    }

    /**
     * What a pack of an older form does not say, and how it is taken: a sentence for each; empty for one of today's form.
     *
     * @throws PackException if it is not YAML
     */
    public static List<String> assumed(String yaml) {
        try {
            return YAML.readTree(yaml) instanceof ObjectNode pack ? OlderPower.assumed(pack) : List.of();
        } catch (JacksonException e) {
            throw new PackException(List.of("This is not a readable YAML file: " + e.getOriginalMessage()));
        }
    }

    /** YAML has numbers that are none. */
    private static void requireNumbers(JsonNode tree) {
        if (tree.isFloatingPointNumber() && !Double.isFinite(tree.doubleValue())) {
            throw new PackException(List.of("A number in it is infinite, or none: .inf or .nan."));
        }
        tree.forEach(PackReader::requireNumbers);
    }

    /** What breaks the schema, and what else is wrong with the rest. */
    private List<String> problems(JsonNode tree, List<Error> errors) {
        var problems = new ArrayList<String>();
        errors.forEach(error -> problems.add(place(tree, error) + error.getMessage()));
        if (tree instanceof ObjectNode pack) {
            problems.addAll(problemsOfTheRest(pack, errors));
        }
        return problems;
    }

    /** With the pieces that break the schema taken out, and nothing said of references to them. */
    private List<String> problemsOfTheRest(ObjectNode pack, List<Error> errors) {
        var broken = errors.stream()
                .filter(error -> error.getInstanceLocation().getNameCount() >= 2)
                .map(error -> error.getInstanceLocation().getName(0) + "/"
                        + error.getInstanceLocation().getName(1))
                .collect(Collectors.toSet());
        var taken = errors.stream()
                .filter(error -> error.getInstanceLocation().getNameCount() >= 2)
                .map(error -> id(pack, error))
                .collect(Collectors.toSet());
        var rest = pack.deepCopy();
        for (var property : pack.properties()) {
            if (property.getValue() instanceof ArrayNode all) {
                var kept = rest.putArray(property.getKey());
                for (int i = 0; i < all.size(); i++) {
                    if (!broken.contains(property.getKey() + "/" + i)) {
                        kept.add(all.get(i));
                    }
                }
            }
        }
        if (!schema.validate(rest).isEmpty()) {
            return List.of();
        }
        try {
            YAML.treeToValue(rest, Pack.class);
            return List.of();
        } catch (JacksonException e) {
            return e.getCause() instanceof PackException found ? about(found, taken) : List.of(reason(e));
        }
    }

    private static List<String> about(PackException found, Set<String> taken) {
        return found.problems().stream()
                .filter(problem -> taken.stream().noneMatch(id -> problem.contains(" " + id + ",")))
                .toList();
    }

    /** "fault filter-clogged, rate: " rather than "/faults/3/rate: ". */
    private static String place(JsonNode tree, Error error) {
        var path = error.getInstanceLocation();
        if (path.getNameCount() < 2) {
            return path.getNameCount() == 0 ? "" : path.getName(0) + ": ";
        }
        var place = new StringBuilder(singular(String.valueOf(path.getName(0))) + " " + id(tree, error));
        for (int i = 2; i < path.getNameCount(); i++) {
            place.append(i == 2 ? ", " : " ").append(path.getName(i));
        }
        return place + ": ";
    }

    private static String id(JsonNode tree, Error error) {
        var path = error.getInstanceLocation();
        int index = Integer.parseInt(String.valueOf(path.getName(1)));
        return tree.path(String.valueOf(path.getName(0))).path(index).path("id").asString("number " + (index + 1));
    }

    private static String singular(String section) {
        return section.endsWith("ies") ? section.replaceAll("ies$", "y") : section.replaceAll("s$", "");
    }

    private static String reason(JacksonException e) {
        return e.getCause() instanceof IllegalArgumentException bad ? bad.getMessage() : e.getOriginalMessage();
    }
}
