package grimygasket.call;

import java.util.List;

/**
 * Why something is not so, as data; its sentence is made where it is read.
 *
 * @param about what the kind speaks of, see there
 */
public record Reason(Kind kind, List<String> about) {
    public Reason {
        about = List.copyOf(about);
    }

    public static Reason of(Kind kind, String... about) {
        return new Reason(kind, List.of(about));
    }

    /** What may stand in the way of a command. */
    public enum Kind {
        /** The call is closed. */
        CLOSED,
        /** The call was closed with gaps that this person may not leave. */
        SIGNED_OFF,
        /** A value makes no sense: the core's own words. */
        UNFIT,
        /** What stands in a field makes no sense: the core's own sentence. */
        MISREAD,
        /** Symptom, fact, check, remedy or part is not in the know-how: its id. */
        NOT_KNOWN,
        /** What was answered is not an answer to this. */
        NO_ANSWER,
        /** Only licensed people may do it: their trade. */
        LICENSED,
        /** Only somebody qualified may do it: the {@link grimygasket.pack.work.Competence}. */
        NOT_QUALIFIED,
        /** Of two symptoms only one can be: the names of both. */
        EXCLUDED,
        /** The id is that of another entry. */
        BORROWED_ID,
        /** The entry, or line, was taken back meanwhile. */
        TAKEN_BACK,
        /** The same question was answered otherwise meanwhile. */
        ANSWERED,
        /** The line was changed otherwise meanwhile. */
        CHANGED,
        /** The line is about something else. */
        ABOUT_ELSE,
        /** What is fitted was changed meanwhile. */
        FEATURES_CHANGED,
        /** A caution is not of this machine: its id. */
        NO_CAUTION,
        /** A complaint says nothing. */
        NO_COMPLAINT,
        /** What a call wants is missing or too long. */
        INCOMPLETE,
        /** A call has no day. */
        NO_DAY,
        /** A day is so far away that it is a slip of the finger. */
        FAR_DAY,
        /** A call has no time. */
        NO_TIME,
        /** A customer has no name. */
        NO_NAME,
        /** A customer lives in no street. */
        NO_STREET,
        /** A part has no name. */
        NO_PART_NAME,
        /** A price is none. */
        NO_PRICE,
        /** A machine has no maker. */
        NO_MAKER,
        /** A call is cancelled without a reason. */
        NO_REASON,
        /** A call on which something was entered cannot be cancelled. */
        UNDER_WAY,
        /** A call is on somebody else's round. */
        NOT_YOURS,
        /** Who is to have a call does not work here. */
        NOBODY,
        /** A text is longer than this: how many characters it may have. */
        TOO_LONG,
        /** A call is about something: its last complaint stays. */
        LAST_COMPLAINT,
        /** What features are not possible: why. */
        FEATURES,
        /** The plate says what cannot be. */
        RATINGS,
        /** The number that was read is missing or makes no sense. */
        READING,
        /**
         * After an alarm the machine is to have no power: the names of the checks that have yet to find nothing; none where only
         * licensed people may give it back.
         */
        NO_POWER,
        /** Something belongs on the machine before it has power: the names of the pieces. */
        IN_THE_WAY,
        /** Gaps that nobody, or not this person, may leave. */
        BEYOND,
        /** Gaps without a reason. */
        GAPS,
        /** Somebody else changed the call since it was decided to close it. */
        MOVED_ON
    }
}
