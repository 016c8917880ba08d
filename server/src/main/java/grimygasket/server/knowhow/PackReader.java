package grimygasket.server.knowhow;

import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import grimygasket.pack.Pack;
import grimygasket.pack.PackException;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
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
    public PackReader(String schema) {
        this.schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema);
    }

    /**
     * @throws PackException if it is not YAML, breaks the schema, or refers to what it does not have
     */
    public Pack read(String yaml) {
        try {
            var tree = YAML.readTree(yaml);
            var errors = schema.validate(tree);
            if (!errors.isEmpty()) {
                throw new PackException(errors.stream()
                        .map(error -> error.getInstanceLocation() + ": " + error.getMessage())
                        .toList());
            }
            return YAML.treeToValue(tree, Pack.class);
        } catch (JacksonException e) {
            throw e.getCause() instanceof PackException pack
                    ? pack
                    : new PackException(List.of("This is not a readable YAML file: " + e.getOriginalMessage()));
        }
    }
}
