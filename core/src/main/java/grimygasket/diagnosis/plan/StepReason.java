package grimygasket.diagnosis.plan;

import java.util.List;

/**
 * Why a step is advised, as data; its sentence is made where it is read.
 *
 * @param about names that the kind speaks of, see there; a blank one is no cause that is listed
 * @param amount minutes or a chance, see there; 0 for a kind that has none
 */
public record StepReason(Kind kind, List<String> about, double amount) {
    public StepReason {
        about = List.copyOf(about);
    }

    static StepReason of(Kind kind, String... about) {
        return new StepReason(kind, List.of(about), 0);
    }

    static StepReason of(Kind kind, double amount, String... about) {
        return new StepReason(kind, List.of(about), amount);
    }

    /** Why a step may be advised. */
    public enum Kind {
        /** Its answers would put different causes first: their names. */
        TELLS_APART,
        /** All its answers leave the same cause first, more or less likely: its name. */
        FIRMS_UP,
        /** Its answers lead to different next steps. */
        DECIDES,
        /** A remedy that would be next waits for it: the remedy's name. */
        COMES_BEFORE,
        /** Nothing more is to be opened for it. */
        NOTHING_TO_OPEN,
        /** Something is to be opened for it: the minutes for that and for closing it again. */
        OPENING,
        /** The chance that it cures by itself. */
        CURES,
        /** It hardly cures by itself, but takes away one of the causes: its name, and the chance of that. */
        TAKES_AWAY,
        /** No question or check costs less than to go straight for it. */
        ASKING_COSTS_MORE,
        /** It is the best by far: the minutes that it saves against the next one. */
        SAVES,
        /** What is known fits nothing listed: the chance of that. */
        FITS_NOTHING,
        /** Nothing listed cures the likeliest cause: its name and chance. */
        NO_CURE,
        /** All that is listed for the likeliest cause has been tried: its name and chance. */
        ALL_TRIED,
        /** What is left to try for the likeliest cause costs more than it is likely to save: its name and chance. */
        TOO_DEAR,
        /** Only a run shows whether it is cured. */
        RUN_SHOWS,
        /** A symptom of danger comes first: its name. */
        DANGER,
        /** After a symptom of danger the machine has no power until what clears it has found nothing: its name. */
        NO_POWER,
        /** A symptom of danger that only licensed people may clear: its name. */
        NOT_OURS,
        /** Only somebody qualified may do what would clear a symptom of danger: its name. */
        NOT_QUALIFIED
    }
}
