package grimygasket.server.calls.known;

import grimygasket.round.OnRound;
import grimygasket.server.calls.records.Filed;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Calls on file as a round takes them. */
@Component
public class OnRounds {
    private final Knowhows knowhows;
    private final Assessments assessments;

    OnRounds(Knowhows knowhows, Assessments assessments) {
        this.knowhows = knowhows;
        this.assessments = assessments;
    }

    /** @param account whose van the parts are taken from, and who is qualified or not */
    public List<OnRound> of(List<Filed> some, UUID account) {
        return knowhows.of(some, account).stream()
                .map(known ->
                        new OnRound(known.call(), known.filed().customer(), known.knowhow(), assessments.of(known)))
                .toList();
    }
}
