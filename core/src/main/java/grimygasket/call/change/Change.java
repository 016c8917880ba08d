package grimygasket.call.change;

import grimygasket.call.Call;

/** One kind of thing that can be done to a call. A new kind is one record here; the compiler names who else has to know of it. */
public sealed interface Change
        permits Begin,
                StoryChange,
                CautionChange,
                ComplaintChange,
                SheetChange,
                PartChange,
                MachineChange,
                VisitChange {

    /** What it makes of a call that is open, or of any call if it concerns closed ones. */
    CommandResult on(Call call, Moment moment);

    /** Whether it can be done to a call that is closed. */
    default boolean concernsClosed() {
        return false;
    }
}
