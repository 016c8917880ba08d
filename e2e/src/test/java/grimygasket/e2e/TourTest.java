package grimygasket.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Every name in the tour exists in the application. */
public class TourTest {
    private static final Pattern IN_ITALICS = Pattern.compile("(?<!\\*)\\*([^*]+)\\*(?!\\*)");

    /** Where what stands on the screen is written: the page, the sentences, the know-how and the demo's data. */
    private static final List<String> WRITTEN =
            List.of("web/src", "wording/src/main", "core/src/main", "knowledge", "server/src/main/resources/demo");

    /** What is to be typed. */
    private static final Set<String> TYPED = Set.of("it hums and stays full of water since i washed jars with labels");

    @Test
    public void everyNameInItalicsStandsInTheApplication() throws IOException {
        var tour = plain(Files.readString(Installation.ROOT.resolve("docs/tour.md")));
        var written = WRITTEN.stream().map(TourTest::all).collect(Collectors.joining(" "));
        var names = IN_ITALICS
                .matcher(tour)
                .results()
                .map(match -> match.group(1))
                .filter(name -> !TYPED.contains(name))
                .distinct()
                .toList();
        assertTrue(names.size() > 30, names + "");
        assertEquals(names.stream().filter(name -> !stands(name, written)).toList(), List.of());
    }

    /** As one name, or as a way over several. */
    private static boolean stands(String name, String written) {
        return written.contains(name) || Arrays.stream(name.split(", ")).allMatch(written::contains);
    }

    private static String all(String folder) {
        try (Stream<Path> files = Files.walk(Installation.ROOT.resolve(folder))) {
            return files.filter(Files::isRegularFile)
                    .map(TourTest::read)
                    .map(TourTest::plain)
                    .collect(Collectors.joining(" "));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new IllegalStateException(file.toString(), e);
        }
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replace('’', '\'').replaceAll("\\s+", " ");
    }
}
