package grimygasket.visit.line;

import grimygasket.pack.Pack;
import grimygasket.pack.work.Proof;
import grimygasket.util.ById;
import grimygasket.util.Unfit;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The proof of one function, as far as it has come.
 *
 * @param proof its id in the pack
 * @param before its reading before the cure; null where none was taken
 * @param after its reading after; null while none is taken
 * @param runs how often it was seen to work, at least 0
 * @param dry ids of the pieces on the tray whose joints were watched and stayed dry
 * @param lightOut whether the light is out, where there is one
 */
public record ProofRun(
        String proof, @Nullable Double before, @Nullable Double after, int runs, List<String> dry, boolean lightOut)
        implements JobLine<ProofRun> {
    public ProofRun {
        dry = List.copyOf(dry);
        if (runs < 0) {
            throw new Unfit("a proof is run 0 times or more, not " + runs);
        }
    }

    /** Nothing of it is done yet. */
    public static ProofRun none(String proof) {
        return new ProofRun(proof, null, null, 0, List.of(), false);
    }

    /**
     * The proof of a line that says that a function was seen to work once more; empty for any other line.
     *
     * @param was what it said before; null for a new line
     */
    public static Optional<ProofRun> another(@Nullable JobLine<?> was, JobLine<?> what) {
        return what instanceof ProofRun run && run.runs > (was instanceof ProofRun before ? before.runs : 0)
                ? Optional.of(run)
                : Optional.empty();
    }

    /** A proof that failed begins anew: what was seen to work before does not count. */
    public ProofRun begunAnew() {
        return new ProofRun(proof, before, after, 0, List.of(), false);
    }

    /** A joint that is open again is to be watched again. */
    public ProofRun withJointOpened(String piece) {
        return new ProofRun(
                proof,
                before,
                after,
                runs,
                dry.stream().filter(one -> !one.equals(piece)).toList(),
                lightOut);
    }

    @Override
    public Optional<String> onlyAbout() {
        return Optional.of(proof);
    }

    @Override
    public Optional<String> unknownTo(Pack pack) {
        return ById.missing(pack.proofs(), Proof::id, proof);
    }

    @Override
    public Optional<ProofRun> merged(ProofRun was, ProofRun theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new ProofRun(
                merge.of(ProofRun::proof),
                merge.of(ProofRun::before),
                merge.of(ProofRun::after),
                merge.count(ProofRun::runs),
                merge.seen(ProofRun::dry),
                merge.of(ProofRun::lightOut)));
    }
}
