package grimygasket.codec;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.StandardLocation;
import javax.tools.ToolProvider;
import org.testng.annotations.Test;

/** What the compiler writes for some records; that it reads and writes them rightly is seen where it is used. */
public class CodecProcessorTest {
    private static final String RECORDS = """
            package some;

            import grimygasket.codec.Json;
            import java.util.List;
            import java.util.Map;

            @Json(reads = Told.class, writes = {Told.class, Concluded.class})
            final class Travelling {
                static String form(Reason reason) {
                    return "because";
                }
            }

            record Told(double exact, Said said, List<Said> all) {}

            record Concluded(double computed, Reason why, Map<String, List<Double>> numbers) {}

            record Reason(int kind) {}

            sealed interface Said {
                record ShortWord(String word) implements Said {}

                record Silence() implements Said {}
            }
            """;

    private static String codec(String source) throws IOException {
        var out = Files.createDirectories(Path.of("target/codec-test"));
        var compiler = ToolProvider.getSystemJavaCompiler();
        var said = new DiagnosticCollector<JavaFileObject>();
        try (var files = compiler.getStandardFileManager(said, null, null)) {
            files.setLocation(StandardLocation.SOURCE_OUTPUT, List.of(out.toFile()));
            var file =
                    new SimpleJavaFileObject(URI.create("string:///some/Travelling.java"), JavaFileObject.Kind.SOURCE) {
                        @Override
                        public CharSequence getCharContent(boolean ignoreEncodingErrors) {
                            return source;
                        }
                    };
            var task = compiler.getTask(null, files, said, List.of("-proc:only"), null, List.of(file));
            task.setProcessors(List.of(new CodecProcessor()));
            assertTrue(task.call(), said.getDiagnostics().toString());
            return Files.readString(Path.of(out + "/some/TravellingCodec.java"));
        }
    }

    @Test
    public void aSealedTypeSaysWhichRecordItIs() throws IOException {
        var codec = codec(RECORDS);
        assertTrue(codec.contains("case \"short-word\" -> readsome_Said_ShortWord(json);"), codec);
        assertTrue(codec.contains("json.add(\"kind\", \"silence\");"), codec);
    }

    @Test
    public void factsAreWrittenExactlyAndWhatIsComputedIsNot() throws IOException {
        var codec = codec(RECORDS);
        assertTrue(codec.contains("\"exact\", Values.of(value.exact())"), codec);
        assertTrue(codec.contains("\"computed\", Values.of(Values.fourFigures(value.computed()))"), codec);
    }

    @Test
    public void whatHasAnotherFormTravelsInIt() throws IOException {
        var codec = codec(RECORDS);
        assertTrue(codec.contains("Travelling.form(value.why())"), codec);
        assertFalse(codec.contains("writesome_Reason"), codec);
    }

    @Test(
            expectedExceptions = RuntimeException.class,
            expectedExceptionsMessageRegExp = "(?s).*some.Reason is no record.*")
    public void whatIsNoRecordIsRefused() throws IOException {
        codec(RECORDS.replace("record Reason(int kind) {}", "class Reason {}")
                .replace("static String form(Reason reason)", "static String other(Reason reason)"));
    }
}
