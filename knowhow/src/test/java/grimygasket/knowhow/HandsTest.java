package grimygasket.knowhow;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** What people who do these jobs were seen to do: each stands in the packs where hands.csv says, and cannot be edited away unseen. */
public class HandsTest {
    private static final Map<String, KnowhowText> TEXTS =
            Shipped.KINDS.stream().collect(Collectors.toMap(Function.identity(), Shipped::texts));

    private static final Map<String, JsonNode> PACKS = TEXTS.entrySet().stream()
            .collect(Collectors.toMap(
                    Map.Entry::getKey,
                    kind -> new YAMLMapper().readTree(kind.getValue().pack())));

    /**
     * @param done what is done or said at the job
     * @param where section of the pack and id in it, the section alone, or "codes"
     * @param words that stand there
     */
    private record Row(String kind, String done, String where, String words) {
        @Override
        public String toString() {
            return kind + ": " + done;
        }

        private String text() {
            if (where.equals("codes")) {
                return TEXTS.get(kind).codes();
            }
            var address = where.split("/");
            return PACKS.get(kind)
                    .path(address[0])
                    .valueStream()
                    .filter(one ->
                            address.length == 1 || one.path("id").asString("").equals(address[1]))
                    .map(JsonNode::toString)
                    .collect(Collectors.joining());
        }
    }

    @DataProvider
    private static Object[] rows() throws IOException {
        return read().toArray();
    }

    private static List<Row> read() throws IOException {
        try (var rows = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new InputStreamReader(
                        HandsTest.class.getResourceAsStream("/hands.csv"), StandardCharsets.UTF_8))) {
            return rows.stream()
                    .map(row -> new Row(row.get("kind"), row.get("done"), row.get("where"), row.get("words")))
                    .toList();
        }
    }

    @Test
    public void eachKindHasItsRows() throws IOException {
        assertEquals(read().stream().map(Row::kind).collect(Collectors.toSet()), Set.copyOf(Shipped.KINDS));
    }

    @Test(dataProvider = "rows")
    public void itStandsWhereTheTableSays(Row row) {
        assertTrue(
                row.text().toLowerCase(Locale.ROOT).contains(row.words().toLowerCase(Locale.ROOT)),
                "“%s” is not in %s".formatted(row.words(), row.where()));
    }
}
