package grimygasket.e2e.installation;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** One of the scripts, run to its end. */
public record Script(int status, String said) {
    public static Script run(String script, Object... arguments) throws IOException, InterruptedException {
        var command = new ArrayList<String>();
        command.add(Installation.ROOT.resolve("scripts/" + script).toString());
        List.of(arguments).forEach(one -> command.add(one.toString()));
        var process = new ProcessBuilder(command).redirectErrorStream(true).start();
        process.getOutputStream().close();
        var said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return new Script(process.waitFor(), said);
    }
}
