package grimygasket.visit;

/**
 * Something that is missing.
 *
 * @param text in a sentence
 * @param signedOffBy who may leave it open
 */
public record Gap(String text, Authority signedOffBy) {
    static Gap of(String text) {
        return new Gap(text, Authority.TECHNICIAN);
    }
}
