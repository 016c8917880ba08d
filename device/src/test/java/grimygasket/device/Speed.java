package grimygasket.device;

import grimygasket.call.change.CommandResult;
import grimygasket.knowhow.Shipped;
import grimygasket.state.Viewer;
import grimygasket.units.UnitSystem;
import grimygasket.visit.ring.Authority;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** How long the device takes as JavaScript in Node and as WebAssembly in Chromium, against the JVM, for the same questions: prints a table. */
public final class Speed {
    private static final String KIND = "dishwasher";
    private static final int CALLS = 40;
    private static final int COMMANDS = 6;

    private static final Map<String, UnaryOperator<String>> HERE =
            Map.of("apply", Device::apply, "state", Device::state);

    private Speed() {}

    public static void main(String[] args) throws IOException {
        var knowhow = Shipped.knowhow(KIND);
        var json = AskingCodec.write(knowhow);
        var questions = new ArrayList<String[]>();
        for (int i = 0; i < CALLS; i++) {
            var made = new RandomCall(KIND, knowhow, i);
            var begin = made.begin();
            var call = RandomCall.after(
                    null,
                    ((grimygasket.call.change.Begin) begin.change()).begun(begin, RandomCall.MAREN, knowhow.pack(), 1));
            for (int k = 0; k < COMMANDS; k++) {
                var held = made.held(call);
                var command = made.command(made.change(call));
                questions.add(new String[] {
                    "apply", AskingCodec.write(new Questions.OfCommand(held, command, RandomCall.MAREN))
                });
                CommandResult outcome =
                        command.on(call, RandomCall.MAREN, held.circumstances().knowhow(knowhow, call));
                call = RandomCall.after(call, outcome);
                var asker =
                        new Asker(new Viewer(Authority.LEAD, UnitSystem.METRIC), 1_900_010_000_000L, RandomCall.CLOCKS);
                questions.add(new String[] {"state", AskingCodec.write(new Questions.OfState(made.held(call), asker))});
            }
        }
        Device.know(KIND, json);
        try (var javaScript = new InNode();
                var webAssembly = new InChromium()) {
            System.out.printf(
                    "to be told a pack of %d kB: JavaScript %.0f ms, WebAssembly %.0f ms%n",
                    json.length() / 1024,
                    javaScript.millis("know", KIND, json),
                    webAssembly.millis("know", KIND, json));
            System.out.println(
                    "| question | JVM, median and 95th, ms | JavaScript | WebAssembly | JavaScript ÷ WebAssembly |");
            System.out.println("|---|---|---|---|---|");
            for (var name : List.of("apply", "state")) {
                var here = new ArrayList<Double>();
                var script = new ArrayList<Double>();
                var assembly = new ArrayList<Double>();
                for (var question : questions) {
                    if (question[0].equals(name)) {
                        long start = System.nanoTime();
                        HERE.get(name).apply(question[1]);
                        here.add(since(start));
                        script.add(javaScript.millis(question));
                        assembly.add(webAssembly.millis(question));
                    }
                }
                System.out.printf(
                        "| %s | %s | %s | %s | %.1f |%n",
                        name, times(here), times(script), times(assembly), at(script, 0.5) / at(assembly, 0.5));
            }
        }
    }

    private static String times(List<Double> times) {
        return String.format("%.1f, %.1f", at(times, 0.5), at(times, 0.95));
    }

    private static double since(long start) {
        return (System.nanoTime() - start) / 1e6;
    }

    private static double at(List<Double> times, double share) {
        var sorted = times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return sorted[(int) (share * (sorted.length - 1))];
    }
}
