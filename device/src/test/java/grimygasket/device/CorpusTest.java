package grimygasket.device;

import static org.testng.Assert.assertEquals;

import grimygasket.call.Call;
import grimygasket.call.change.Begin;
import grimygasket.call.change.CommandResult;
import grimygasket.diagnosis.plan.Step;
import grimygasket.gauge.Gauge;
import grimygasket.gauge.Input;
import grimygasket.gauge.Readings.Typed;
import grimygasket.gauge.all.Gauges;
import grimygasket.knowhow.Shipped;
import grimygasket.pack.KindKnowhow;
import grimygasket.report.Currency;
import grimygasket.report.Sender;
import grimygasket.route.Location;
import grimygasket.route.Shift;
import grimygasket.state.Viewer;
import grimygasket.units.UnitSystem;
import grimygasket.visit.ring.Authority;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * What the JVM and a browser make of the same questions is the same to the letter: every pack, and hundreds of calls. The browser's
 * JavaScript runs in Node; its WebAssembly in Chromium, which somebody in a hurry does without.
 */
public class CorpusTest {
    /** Fewer where somebody is in a hurry, as in ./verify --quick. */
    private static final int CALLS_OF_A_KIND = Integer.getInteger("corpus.calls", 30);

    /** So many of a kind's calls are asked of Chromium, too: each answer comes a long way. */
    private static final int CALLS_IN_CHROMIUM = 8;

    private static final Sender SENDER = new Sender(
            "Tidewrack Appliance Care",
            "4 Slipway Row\nTidewrack Quay",
            "01632 960 140",
            "",
            "TQ 704 118",
            new BigDecimal("20.00"),
            12,
            new BigDecimal("66.00"),
            new Currency("€", 2));

    private static final int COMMANDS = 12;
    private static final int SAMPLES = 4;
    private static final int ONE_IN = 12;

    private final Map<String, KindKnowhow> kinds = new LinkedHashMap<>();

    private final List<Engine> engines = new ArrayList<>();

    /** The engines that answer for the current call. */
    private List<Engine> asked = engines;

    @BeforeClass
    void tellBoth() throws IOException {
        engines.add(new InNode());
        if (Boolean.getBoolean("corpus.chromium")) {
            engines.add(new InChromium());
        }
        for (var kind : Shipped.KINDS) {
            var knowhow = Shipped.knowhow(kind);
            kinds.put(kind, knowhow);
            var json = AskingCodec.write(knowhow);
            Device.know(kind, json);
            for (var engine : engines) {
                engine.ask("know", kind, json);
            }
        }
    }

    @AfterClass
    void close() {
        engines.forEach(Engine::close);
    }

    @DataProvider
    Object[][] kinds() {
        return Shipped.KINDS.stream().map(kind -> new Object[] {kind}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void whatIsToldIsReadAsItWasWritten(String kind) {
        var json = AskingCodec.write(kinds.get(kind));
        assertEquals(FormsCodec.readKindKnowhow(json), kinds.get(kind));
    }

    /** Every gauge, with what is usual and with numbers over all its range; what is missing or nonsense is refused alike. */
    @Test
    public void bothJudgeTheSame() throws IOException {
        for (var units : UnitSystem.values()) {
            var all = AskingCodec.write(new Questions.OfGauges(null, units));
            same("gauges", all, Device.gauges(all));
            for (var gauge : Gauges.ALL) {
                for (double share = -0.1; share < 1.2; share += 0.1) {
                    var asked =
                            AskingCodec.write(new Questions.OfGauge(null, gauge.id(), entered(gauge, share), units));
                    same("judge", asked, Device.judge(asked));
                }
            }
        }
    }

    @Test
    public void bothReadPlatesAlike() throws IOException {
        var makers = List.of("Corvanne", "Østrelle");
        for (var text : List.of(
                "",
                "~ C0RVANNE |\nM0DEL: DW-610 S\nSERlAL NO 2114-0937",
                "Østrelle\n«Typ» Lagoon 3  S/N:ÖL3-55172\t230 V",
                "\n\nMod.\nH60 Inn\nSer. No.\n60-118834")) {
            var asked = AskingCodec.write(new Questions.OfPlate(text, makers));
            same("plate", asked, Device.plate(asked));
        }
    }

    private static Map<String, Typed> entered(Gauge gauge, double share) {
        return gauge.inputs().stream()
                .filter(input -> input.options().isEmpty())
                .collect(Collectors.toMap(
                        Input::id,
                        input -> Typed.of(String.format(
                                Locale.ROOT, "%.4f", input.least() + share * (input.most() - input.least())))));
    }

    @Test(dataProvider = "kinds")
    public void bothConcludeTheSame(String kind) throws IOException {
        var round = new ArrayList<Held>();
        for (int i = 0; i < CALLS_OF_A_KIND; i++) {
            asked = i < CALLS_IN_CHROMIUM ? engines : engines.subList(0, 1);
            round.add(whole(new RandomCall(kind, kinds.get(kind), 1000 * kind.length() + i), viewer(i)));
        }
        asked = engines;
        var day = AskingCodec.write(new Questions.OfRound(
                round.subList(0, 6),
                round.subList(6, 9),
                new Shift(480, 1020, new Location(54, 2)),
                new Asker(viewer(0), 1_899_900_000_000L, RandomCall.CLOCKS)));
        same("round", day, Device.round(day));
    }

    private static Viewer viewer(int i) {
        return new Viewer(
                i % 3 == 0 ? Authority.TECHNICIAN : Authority.LEAD, i % 2 == 0 ? UnitSystem.METRIC : UnitSystem.US);
    }

    /** A call from its begin to its report, everything asked of both. */
    private Held whole(RandomCall made, Viewer viewer) throws IOException {
        var begin = made.begin();
        var kind = kinds.get(made.knowhow);
        var asked = AskingCodec.write(new Questions.OfBegin(
                begin, RandomCall.MAREN, made.knowhow, 1, made.circumstances, made.fittings(), made.models()));
        same("begin", asked, Device.begin(asked));
        var begun = ((Begin) begin.change()).begun(begin, RandomCall.MAREN, kind.pack(), 1);
        var call = ((CommandResult.Applied) begun).call();
        for (int i = 0; i < COMMANDS; i++) {
            call = next(made, call);
        }
        var held = made.held(call);
        state(held, viewer);
        asides(made, held);
        var report = AskingCodec.write(new Questions.OfReport(held, now(viewer), SENDER));
        same("report", report, Device.report(report));
        return held;
    }

    private Call next(RandomCall made, Call call) throws IOException {
        var held = made.held(call);
        var command = made.command(made.change(call));
        // Tried with some, as it takes as long as the state that it foresees.
        if (command.at() % ONE_IN == 0) {
            var ahead = AskingCodec.write(
                    new Questions.OfForesight(held, now(viewer(0)), RandomCall.MAREN, List.of(command)));
            same("foresee", ahead, Device.foresee(ahead));
        }
        var asked = AskingCodec.write(new Questions.OfCommand(held, command, RandomCall.MAREN));
        same("apply", asked, Device.apply(asked));
        var knowhow = held.circumstances().knowhow(kinds.get(made.knowhow), call);
        return RandomCall.after(call, command.on(call, RandomCall.MAREN, knowhow));
    }

    /** Steps of the plan, also one that is not in it, and what the complaint may mean. */
    private void asides(RandomCall made, Held held) throws IOException {
        var machine = held.call().machine();
        for (var check : kinds.get(made.knowhow).pack().checks().subList(0, 3)) {
            var asked = AskingCodec.write(new Questions.OfStep(held, Step.Kind.CHECK, check.id()));
            same("step", asked, Device.step(asked));
        }
        for (var check : kinds.get(made.knowhow).pack().checks()) {
            if (check.measure() != null
                    && check.measure().meter() != null
                    && held.call().head().id().hashCode() % 10 == 0) {
                for (int given = 0; given < SAMPLES; given++) {
                    sample(made.knowhow, given % 2 == 0 ? held : null, check.id(), given);
                }
            }
        }
        var steps = AskingCodec.write(new Questions.OfSteps(held));
        same("steps", steps, Device.steps(steps));
        var words = AskingCodec.write(new Questions.OfWords(
                made.knowhow, machine.maker(), machine.features(), held.call().complaint()));
        same("heard", words, Device.heard(words));
        same("found", words, Device.found(words));
    }

    private void sample(String knowhow, @Nullable Held held, String check, int given) throws IOException {
        var asked = AskingCodec.write(new Questions.OfMeter(held, knowhow, check, 3, given, UnitSystem.US));
        same("sample", asked, Device.sample(asked));
    }

    private void state(Held held, Viewer viewer) throws IOException {
        var asked = AskingCodec.write(new Questions.OfState(held, now(viewer)));
        same("state", asked, Device.state(asked));
    }

    private static Asker now(Viewer viewer) {
        return new Asker(viewer, 1_900_010_000_000L, RandomCall.CLOCKS);
    }

    private void same(String name, String question, String here) throws IOException {
        for (var engine : asked) {
            alike(
                    engine.getClass().getSimpleName() + ": " + name + " of " + question,
                    engine.ask(name, question),
                    here);
        }
    }

    private static void alike(String what, String there, String here) {
        if (!there.equals(here)) {
            int from = 0;
            while (from < Math.min(here.length(), there.length()) && here.charAt(from) == there.charAt(from)) {
                from++;
            }
            assertEquals(part(there, from), part(here, from), what);
        }
    }

    /** What stands around a place. */
    private static String part(String text, int from) {
        return text.substring(Math.max(0, from - 200), Math.min(text.length(), from + 100));
    }
}
