package grimygasket.device;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/** The core as JavaScript, in Node. */
final class InNode implements Engine {
    private final Process process;
    private final BufferedWriter questions;
    private final BufferedReader answers;

    InNode() throws IOException {
        var module = Path.of("target/browser/device.js").toAbsolutePath();
        process = new ProcessBuilder(
                        "node", "src/test/js/device.mjs", module.toUri().toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        questions = new BufferedWriter(new OutputStreamWriter(process.getOutputStream(), StandardCharsets.UTF_8));
        answers = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    }

    @Override
    public String ask(String... question) throws IOException {
        questions.write(String.join("\t", question));
        questions.newLine();
        questions.flush();
        var answer = answers.readLine();
        if (answer == null) {
            throw new IllegalStateException("no answer to " + question[0]);
        }
        return answer;
    }

    @Override
    public void close() {
        process.destroy();
    }
}
