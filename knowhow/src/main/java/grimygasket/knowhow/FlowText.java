package grimygasket.knowhow;

import java.math.BigDecimal;
import java.util.List;
import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.common.ScalarStyle;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.Tag;
import org.snakeyaml.engine.v2.representer.StandardRepresenter;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A value as YAML on one line, as it may stand in a list or map on one line. */
final class FlowText {
    private static final DumpSettings SETTINGS = DumpSettings.builder()
            .setDefaultFlowStyle(FlowStyle.FLOW)
            .setWidth(Integer.MAX_VALUE)
            .setSplitLines(false)
            .build();
    private static final JsonMapper JSON = new JsonMapper();
    private static final TypeReference<Object> ANYTHING = new TypeReference<>() {};

    private FlowText() {}

    static String of(JsonNode value) {
        var list = new Dump(SETTINGS, new OneLine()).dumpToString(List.of(JSON.convertValue(value, ANYTHING)));
        return list.substring(1, list.lastIndexOf(']'));
    }

    /** Without powers of ten; and only between double quotes a line break needs no line of its own. */
    private static final class OneLine extends StandardRepresenter {
        OneLine() {
            super(SETTINGS);
        }

        @Override
        protected Node representScalar(Tag tag, String value, ScalarStyle style) {
            var written = tag.equals(Tag.FLOAT)
                    ? new BigDecimal(value).stripTrailingZeros().toPlainString()
                    : value;
            var shown = tag.equals(Tag.FLOAT) && !written.contains(".") ? Tag.INT : tag;
            return super.representScalar(shown, written, value.contains("\n") ? ScalarStyle.DOUBLE_QUOTED : style);
        }
    }
}
