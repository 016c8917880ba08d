package grimygasket.device;

import grimygasket.call.Article;
import grimygasket.call.Fitting;
import grimygasket.call.Knowhow;
import grimygasket.call.change.Begin;
import grimygasket.call.change.CommandResult.Applied;
import grimygasket.device.Answers.Became;
import grimygasket.device.Answers.Begun;
import grimygasket.diagnosis.Assessment;
import grimygasket.gauge.Readings;
import grimygasket.gauge.UnfitReadings;
import grimygasket.gauge.all.Gauges;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.machine.Ratings;
import grimygasket.plate.PlateReading;
import grimygasket.report.Letterhead;
import grimygasket.report.Letterhead.Addressee;
import grimygasket.report.ReportOfCall;
import grimygasket.round.OnRound;
import grimygasket.round.Round;
import grimygasket.state.CallState;
import grimygasket.state.Consequence;
import grimygasket.state.RecentAssessments;
import grimygasket.util.Unfit;
import grimygasket.wording.GaugeView;
import grimygasket.wording.JudgementView;
import grimygasket.words.Lexicon;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSExport;

/** The core, for the browser: every question is JSON, and so is every answer. */
public final class Device {
    private static final Map<String, KindKnowhow> KNOWN = new HashMap<>();

    /** A day's calls, and some of their pasts. */
    private static final RecentAssessments RECENT = new RecentAssessments(64);

    /** The words of the machine that was asked about last: somebody who searches asks at every key. */
    private static Lexicon lexicon;

    private static Questions.OfWords lexiconOf;

    private static final Meters METERS = new Meters();

    private static final int MOST_FOUND = 20;

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
        return FormsCodec.write(Became.of(asked.command().on(held.call(), asked.by(), knowhow(held))));
    }

    /** What a command to begin a call makes. */
    @JSExport
    public static String begin(String question) {
        var asked = FormsCodec.readOfBegin(question);
        var begin = (Begin) asked.command().change();
        var on = begin.machine();
        var pack = known(asked.knowhow()).of(on.maker(), on.model()).pack();
        var parts = Fitting.of(asked.shelf(), on.maker());
        return FormsCodec.write(Begun.of(
                begin.begun(asked.command(), asked.by(), pack, asked.revision()),
                asked.circumstances().of(on, parts, asked.models())));
    }

    /** What would follow from a call after what may be entered next; it is in hand then if it is. */
    @JSExport
    public static String foresee(String question) {
        var asked = FormsCodec.readOfForesight(question);
        var held = asked.held();
        CallState state = null;
        for (var command : asked.commands()) {
            if (!(command.on(held.call(), asked.by(), knowhow(held)) instanceof Applied applied)) {
                return FormsCodec.write(new Answers.Foreseen(null));
            }
            held = new Held(applied.call(), held.customer(), held.knowhow(), held.circumstances());
            state = state(held, asked.asker());
        }
        return FormsCodec.write(new Answers.Foreseen(state));
    }

    /** Every step that can be taken now. */
    @JSExport
    public static String steps(String question) {
        var held = FormsCodec.readOfSteps(question).held();
        return FormsCodec.write(
                new Answers.AllSteps(assessment(held, knowhow(held)).plan().steps()));
    }

    /** A step of a call's plan, for whoever takes it out of turn. */
    @JSExport
    public static String step(String question) {
        var asked = FormsCodec.readOfStep(question);
        var plan = assessment(asked.held(), knowhow(asked.held())).plan();
        return FormsCodec.write(
                new Answers.OfStep(plan.step(asked.kind(), asked.id()).orElse(null)));
    }

    /** Every gauge, in somebody's units. */
    @JSExport
    public static String gauges(String question) {
        var asked = FormsCodec.readOfGauges(question);
        var ratings = ratings(asked.held());
        return FormsCodec.write(new Answers.AllGauges(Gauges.ALL.stream()
                .map(gauge -> GaugeView.of(gauge, ratings, asked.units()))
                .toList()));
    }

    /** What is entered at a gauge, judged. */
    @JSExport
    public static String judge(String question) {
        var asked = FormsCodec.readOfGauge(question);
        var gauge = Gauges.of(asked.gauge());
        try {
            var readings = Readings.of(gauge.inputs(), asked.inputs(), ratings(asked.held()), asked.units());
            return FormsCodec.write(
                    new Answers.Judged(JudgementView.of(gauge, gauge.judge(readings), asked.units()), null, Map.of()));
        } catch (UnfitReadings e) {
            return FormsCodec.write(new Answers.Judged(null, e.getMessage(), e.problems()));
        }
    }

    /** What a simulated meter shows next. */
    @JSExport
    public static String sample(String question) {
        var asked = FormsCodec.readOfMeter(question);
        var held = asked.held();
        return FormsCodec.write(
                held == null
                        ? METERS.ofPractice(known(asked.knowhow()).pack(), asked)
                        : METERS.ofCall(held, knowhow(held), asked));
    }

    private static Ratings ratings(@Nullable Held held) {
        return held == null ? Ratings.NONE : knowhow(held).machine().ratings();
    }

    /** What has every word that was typed. */
    @JSExport
    public static String found(String question) {
        var asked = FormsCodec.readOfWords(question);
        return FormsCodec.write(new Answers.Found(lexicon(asked).find(asked.text(), MOST_FOUND)));
    }

    /** What a complaint speaks of. */
    @JSExport
    public static String heard(String question) {
        var asked = FormsCodec.readOfWords(question);
        return FormsCodec.write(new Answers.AllHeard(lexicon(asked).heard(asked.text())));
    }

    /** What would follow if a machine were found so. */
    @JSExport
    public static String suppose(String question) {
        var asked = FormsCodec.readOfSupposition(question);
        try {
            var known = known(asked.knowhow());
            return FormsCodec.write(
                    new Answers.Follows(Consequence.of(known, asked.supposed(), asked.circumstances()), null));
        } catch (Unfit e) {
            return FormsCodec.write(new Answers.Follows(null, e.getMessage()));
        }
    }

    /** Which part for a call's machine a barcode is on. */
    @JSExport
    public static String scanned(String question) {
        var asked = FormsCodec.readOfScan(question);
        var part = Article.scanned(asked.held().circumstances().shelf(), asked.read());
        return FormsCodec.write(new Answers.Scanned(part.map(Article::id).orElse(null)));
    }

    /** What a rating plate seems to say. */
    @JSExport
    public static String plate(String question) {
        var asked = FormsCodec.readOfPlate(question);
        return FormsCodec.write(PlateReading.of(asked.text(), asked.makers()));
    }

    /** A day's calls. */
    @JSExport
    public static String round(String question) {
        var asked = FormsCodec.readOfRound(question);
        return FormsCodec.write(Round.of(
                onRound(asked.ofDay()),
                onRound(asked.leftOpen()),
                asked.shift(),
                asked.asker().now(),
                asked.asker().zone()));
    }

    /** What the customer is given. */
    @JSExport
    public static String report(String question) {
        var asked = FormsCodec.readOfReport(question);
        var held = asked.held();
        var asker = asked.asker();
        var letterhead = new Letterhead(
                asked.sender(), Addressee.of(held.customer()), asker.viewer().units(), asker.zone());
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

    private static Lexicon lexicon(Questions.OfWords asked) {
        var of = new Questions.OfWords(asked.knowhow(), asked.maker(), asked.features(), "");
        if (!of.equals(lexiconOf)) {
            var known = known(asked.knowhow());
            var codes = known.codes().stream()
                    .filter(code -> code.maker().equalsIgnoreCase(asked.maker()))
                    .toList();
            lexicon = Lexicon.of(known.pack(), asked.features(), codes);
            lexiconOf = of;
        }
        return lexicon;
    }

    private static KindKnowhow known(String name) {
        var known = KNOWN.get(name);
        if (known == null) {
            throw new IllegalStateException("the device was not told " + name);
        }
        return known;
    }
}
