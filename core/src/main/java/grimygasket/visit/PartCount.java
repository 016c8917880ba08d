package grimygasket.visit;

/**
 * A part that was fitted.
 *
 * @param remedy id of the remedy that used it
 * @param part id of the kind of part
 * @param serial its serial number; blank where none is noted
 * @param oldPart what became of the part that it replaces
 */
public record PartCount(String remedy, String part, String serial, OldPart oldPart) {
    public enum OldPart {
        UNSAID,
        KEPT_BY_CUSTOMER,
        TAKEN_ALONG,
        BINNED
    }
}
