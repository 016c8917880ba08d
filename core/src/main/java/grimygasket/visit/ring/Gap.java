package grimygasket.visit.ring;

import java.util.List;

/**
 * Something that is missing, as data; its sentence is made where it is read.
 *
 * @param about what the kind speaks of, see there
 */
public record Gap(Kind kind, List<String> about) {
    public Gap {
        about = List.copyOf(about);
    }

    public static Gap of(Kind kind, String... about) {
        return new Gap(kind, List.of(about));
    }

    /** Who may leave it open. */
    public Authority signedOffBy() {
        return kind.signedOffBy;
    }

    /** What may be missing. */
    public enum Kind {
        /** The complaint is not written down. */
        COMPLAINT,
        /** No symptom and no code is entered. */
        SYMPTOM,
        /** A caution is not confirmed: its title. */
        CAUTION(Authority.LEAD),
        /**
         * After an alarm the machine is to have no power: the names of the checks that have yet to find nothing; none where only
         * licensed people may give it back.
         */
        NO_POWER,
        /** No cause is settled on. */
        CAUSE,
        /** A layer was opened, and nothing of it lies on the tray: the names of its pieces. */
        PIECES,
        /** The screws of a piece lie in no cup: its name. */
        CUP,
        /** Nothing is put right. */
        CURE,
        /** A task of the upkeep is not done: its name. */
        TASK,
        /** What was found is not noted: the name of the remedy. */
        FOUND,
        /** How far a station is open after the work is not noted: its name. */
        OPEN_BY,
        /** What came out of a station is not in the bin: its name. */
        SOLIDS,
        /** What brings a fault about is neither cleared nor cured: the name of the remedy, and then those of the causes. */
        COMES_BACK(Authority.LEAD),
        /** No part is counted: its name, and that of the remedy. */
        PART,
        /** The serial number of a new part is not noted: its name. */
        SERIAL,
        /** Nobody has said where an old part went: its name. */
        OLD_PART,
        /** A piece is on the tray, and dries: its name. */
        DRYING,
        /** A piece is on the tray: its name. */
        ON_TRAY,
        /** Screws are over: how many, the name of the piece, and the cup where one is known. */
        SCREWS_OVER,
        /** Something about a piece that is back is not seen: its name, and which {@link grimygasket.pack.machine.Confirmation}. */
        NOT_SEEN,
        /** The home's water heater is turned up: what was written of it, or nothing. */
        HEATER_UP(Authority.NOBODY),
        /** The water is shut off: what was written of it, or nothing. */
        WATER_OFF,
        /** The power is off: what was written of it, or nothing. */
        POWER_OFF,
        /** The gas is shut off: what was written of it, or nothing. */
        GAS_OFF,
        /** Something else is to be put back: what was written of it, or nothing. */
        PUT_BACK,
        /** Nothing is proved. */
        PROOF,
        /** A remedy, or what was done in an own way, is not seen to have cured: the name of the function, or what was done. */
        NOT_PROVED,
        /** A function was seen too few times: its name, how many times, and out of how many. */
        RUNS,
        /** A function was measured before its cure, and not after it: its name. */
        NOT_MEASURED,
        /** A reading lies beside its band: the function's name, the reading, and both ends of the band, with their units. */
        BESIDE_BAND,
        /** A reading is no better than before: the function's name, the reading before and after, with their units. */
        NO_BETTER,
        /** The light of a function is not seen to go out: its name. */
        LIGHT,
        /** A joint is not watched: the name of its piece. */
        JOINT,
        /** Something of the customer's is not given back: how many, and what. */
        NOT_GIVEN_BACK,
        /** The call is not closed. */
        CLOSING;

        private final Authority signedOffBy;

        Kind() {
            this(Authority.TECHNICIAN);
        }

        Kind(Authority signedOffBy) {
            this.signedOffBy = signedOffBy;
        }
    }
}
