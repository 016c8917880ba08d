package grimygasket.device;

import grimygasket.call.Begin;
import grimygasket.call.Knowhow;
import grimygasket.diagnosis.Assessment;
import grimygasket.pack.KindKnowhow;
import grimygasket.report.Letterhead;
import grimygasket.report.Letterhead.Addressee;
import grimygasket.report.ReportOfCall;
import grimygasket.state.CallState;
import grimygasket.state.OnRound;
import grimygasket.state.RecentAssessments;
import grimygasket.state.Round;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.teavm.jso.JSExport;

/** The core, for the browser: every question is JSON, and so is every answer. */
public final class Device {
    private static final Map<String, KindKnowhow> KNOWN = new HashMap<>();

    /** A day's calls, and some of their pasts. */
    private static final RecentAssessments RECENT = new RecentAssessments(64);

    private Device() {}

    /** Tells the device what is known of a kind of machine, by a name that calls are held against. */
    @JSExport
    public static void know(String name, String knowhow) {
        KNOWN.put(name, FormsCodec.readKindKnowhow(knowhow));
    }

    /** What follows from a call. */
    @JSExport
    public static String state(String question) {
        var asked = FormsCodec.readOfState(question);
        return FormsCodec.write(state(asked.held(), asked.asker()));
    }

    /** What a command makes of a call. */
    @JSExport
    public static String apply(String question) {
        var asked = FormsCodec.readOfCommand(question);
        var held = asked.held();
        return FormsCodec.write(held.call().apply(asked.command(), asked.by(), knowhow(held)));
    }

    /** What a command to begin a call makes. */
    @JSExport
    public static String begin(String question) {
        var asked = FormsCodec.readOfBegin(question);
        var begin = (Begin) asked.command().change();
        var on = begin.machine();
        var pack = known(asked.knowhow()).of(on.maker(), on.model()).pack();
        return FormsCodec.write(begin.begun(asked.command(), asked.by(), pack, asked.revision()));
    }

    /** A day's calls. */
    @JSExport
    public static String round(String question) {
        var asked = FormsCodec.readOfRound(question);
        return FormsCodec.write(Round.of(
                onRound(asked.ofDay()), onRound(asked.leftOpen()), asked.asker().now()));
    }

    /** What the customer is given. */
    @JSExport
    public static String report(String question) {
        var asked = FormsCodec.readOfReport(question);
        var held = asked.held();
        var asker = asked.asker();
        var to = held.customer();
        var letterhead = new Letterhead(
                asked.business(),
                new Addressee(to.name(), to.street(), to.phone()),
                asked.currency(),
                asker.viewer().units(),
                asker.zone());
        return FormsCodec.write(ReportOfCall.of(state(held, asker), knowhow(held), letterhead, asker.now()));
    }

    private static CallState state(Held held, Asker asker) {
        var knowhow = knowhow(held);
        return CallState.of(held.call(), knowhow, assessment(held, knowhow), asker.viewer(), asker.now(), asker.zone());
    }

    private static List<OnRound> onRound(List<Held> some) {
        return some.stream()
                .map(held -> {
                    var knowhow = knowhow(held);
                    return new OnRound(held.call(), held.customer(), knowhow, assessment(held, knowhow));
                })
                .toList();
    }

    private static Assessment assessment(Held held, Knowhow knowhow) {
        return RECENT.of(held.call(), knowhow, held.circumstances().van());
    }

    private static Knowhow knowhow(Held held) {
        return held.circumstances().knowhow(known(held.knowhow()), held.call());
    }

    private static KindKnowhow known(String name) {
        var known = KNOWN.get(name);
        if (known == null) {
            throw new IllegalStateException("the device was not told " + name);
        }
        return known;
    }
}
