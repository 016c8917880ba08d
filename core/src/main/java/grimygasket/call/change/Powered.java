package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Entry;
import grimygasket.call.Line;
import grimygasket.call.Order;
import grimygasket.call.Reason;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.story.Quarantine;
import grimygasket.pack.machine.Power;
import grimygasket.visit.line.JobLine;
import grimygasket.visit.line.Laid;
import grimygasket.visit.line.ProofRun;
import grimygasket.visit.ring.InTheWay;
import java.util.List;
import java.util.Optional;

/**
 * What speaks against giving the machine power for what somebody is about to enter: an alarm that is not cleared, or something on the
 * tray that belongs on the machine. It is asked as things stood when it was done, so that what a device sends late is not held
 * against what others entered after it.
 */
final class Powered {
    private final Call call;
    private final Moment moment;

    private Powered(Call call, Moment moment) {
        this.call = call;
        this.moment = moment;
    }

    /** Why a finding cannot be entered; empty for one for which the machine had no power, or was allowed to. */
    static Optional<Reason> refusal(Call call, Moment moment, Finding said) {
        if (said instanceof Checked made) {
            var check = moment.knowhow().pack().check(made.check());
            return check.runs() ? new Powered(call, moment).refusal(check.mayBeOff()) : Optional.empty();
        }
        return refusalOfCorrection(call, moment, said);
    }

    /** The same of one that puts an earlier answer right: a check was made then, and only a proof is made now. */
    static Optional<Reason> refusalOfCorrection(Call call, Moment moment, Finding said) {
        return said instanceof RemedyTried tried ? new Powered(call, moment).refusal(tried) : Optional.empty();
    }

    /** Why a function cannot be seen to work once more; empty for any other line. */
    static Optional<Reason> refusal(Call call, Moment moment, JobLine<?> was, JobLine<?> what) {
        return ProofRun.another(was, what)
                .filter(run -> moment.knowhow().pack().proof(run.proof()).power() == Power.LIVE)
                .flatMap(run -> new Powered(call, moment).refusal(List.of()));
    }

    private Optional<Reason> refusal(RemedyTried tried) {
        var pack = moment.knowhow().pack();
        var remedy = pack.remedy(tried.remedy());
        boolean runs =
                remedy.power() == Power.LIVE || pack.proof(remedy.proof()).power() == Power.LIVE;
        return switch (tried.proved()) {
            case PENDING, KEPT_UP -> remedy.power() == Power.LIVE ? refusal(List.of()) : Optional.empty();
            case CURED, PARTLY -> runs ? refusal(List.of()) : Optional.empty();
            // The proof may be what set an alarm off.
            case STILL_FAILING -> Optional.empty();
        };
    }

    private Optional<Reason> refusal(List<String> mayBeOff) {
        return quarantine().or(() -> inTheWay(mayBeOff));
    }

    private Optional<Reason> quarantine() {
        var pack = moment.knowhow().pack();
        var before = call.story().stream()
                .filter(entry -> Order.isBefore(entry.at(), entry.id(), moment.at(), moment.id()))
                .map(Entry::finding)
                .toList();
        var quarantine = Quarantine.of(pack, moment.knowhow().machine(), before);
        return quarantine.holds()
                ? Optional.of(new Reason(
                        Reason.Kind.NO_POWER,
                        quarantine.looks().stream()
                                .map(look -> pack.check(look).name())
                                .toList()))
                : Optional.empty();
    }

    private Optional<Reason> inTheWay(List<String> mayBeOff) {
        List<Laid> laid = call.job().pieces().stream()
                .filter(line -> line.at() <= moment.at())
                .map(Line::what)
                .toList();
        var pieces = InTheWay.of(moment.knowhow().pack(), laid, mayBeOff, moment.at());
        return pieces.isEmpty()
                ? Optional.empty()
                : Optional.of(new Reason(
                        Reason.Kind.IN_THE_WAY, pieces.stream().map(Laid::name).toList()));
    }
}
