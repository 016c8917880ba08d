package grimygasket.knowhow;

import grimygasket.cases.Case;
import grimygasket.cases.CaseRun;
import grimygasket.pack.KindKnowhow;
import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** The cases that ship with the know-how: whatever comes instead of it is held against them. */
public final class CaseReader {
    private static final YAMLMapper YAML = YAMLMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private CaseReader() {}

    /** The cases of a kind of machine, in the order of their file. */
    public static List<Case> of(String kind) {
        return YAML.readValue(Shipped.resource("cases/" + kind + ".yaml"), new TypeReference<>() {});
    }

    /** What comes of each case of its kind; one that names what the know-how does not have has that as its failure. */
    public static List<CaseRun> run(KindKnowhow knowhow) {
        return of(knowhow.pack().id()).stream().map(one -> run(knowhow, one)).toList();
    }

    /** A sentence for each case that is not met, and not known to be. */
    public static List<String> failing(KindKnowhow knowhow) {
        return run(knowhow).stream()
                .filter(run -> run.one().fails() == null && !run.failures().isEmpty())
                .map(run -> title(run.one()) + String.join(" ", run.failures()))
                .toList();
    }

    private static String title(Case one) {
        return (one.told().isBlank() ? one.id() : "“" + one.told() + "” (" + one.id() + ")") + ": ";
    }

    private static CaseRun run(KindKnowhow knowhow, Case one) {
        try {
            return CaseRun.of(knowhow.pack(), knowhow.codes(), one);
        } catch (IllegalArgumentException e) {
            return new CaseRun(one, "", 0, "", List.of(e.getMessage()));
        }
    }
}
