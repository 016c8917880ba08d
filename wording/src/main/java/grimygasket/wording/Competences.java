package grimygasket.wording;

import grimygasket.pack.work.Competence;

/** What somebody may be qualified for, as it is named within a sentence. */
final class Competences {
    private Competences() {}

    static String name(Competence competence) {
        return switch (competence) {
            case ELECTRICAL -> "electrical measuring";
            case CAPACITORS -> "capacitors and drive electronics";
            case GAS -> "gas";
            case REFRIGERANT -> "refrigerant";
        };
    }
}
