package grimygasket.gauge;

import grimygasket.gauge.Judgement.Result;
import grimygasket.units.Amount;
import grimygasket.units.Estimate;
import grimygasket.units.Formula;
import grimygasket.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/** Collects what a gauge computes, with the arithmetic as it would be written down. */
public final class Working {
    private final Readings in;
    private final List<Result> results = new ArrayList<>();
    private final List<String> lines = new ArrayList<>();

    public Working(Readings in) {
        this.in = in;
    }

    /** Computes something from inputs, uncertainties included. */
    public Estimate compute(Quantity quantity, Formula formula, String... inputs) {
        var amounts = new Amount[inputs.length];
        for (int i = 0; i < inputs.length; i++) {
            amounts[i] = in.amount(inputs[i]);
        }
        return Estimate.of(quantity, formula, amounts);
    }

    /** The same, kept as a result. */
    public Estimate result(String name, Quantity quantity, Formula formula, String... inputs) {
        var value = compute(quantity, formula, inputs);
        results.add(new Result(name, value));
        return value;
    }

    public void result(String name, Estimate value) {
        results.add(new Result(name, value));
    }

    public void line(String line) {
        lines.add(line);
    }

    public String show(Estimate estimate) {
        return estimate.quantity().show(estimate.value(), in.system());
    }

    public Judgement judge(Verdict verdict, String sentence, Picture picture) {
        return judge(verdict, sentence, in.against(), picture);
    }

    public Judgement judge(Verdict verdict, String sentence, String against, Picture picture) {
        return new Judgement(verdict, sentence, against, results, lines, picture);
    }
}
