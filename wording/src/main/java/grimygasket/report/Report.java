package grimygasket.report;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a customer is given of a call: the same on the page, in print and as PDF.
 *
 * @param business that made it
 * @param letterhead where it is found: address, phone, e-mail, tax number
 * @param number by which it is asked for
 * @param title with the day
 * @param standing by whom and when it was closed, or that it is not
 * @param customer name, street, phone
 * @param machine kind, maker and model, serial number, place
 * @param sections those that have something to say
 * @param photos that were taken, with what they show
 * @param signed by the customer; null where nobody has signed
 * @param note how the figures came about
 */
public record Report(
        String business,
        List<String> letterhead,
        String number,
        String title,
        String standing,
        List<String> customer,
        List<String> machine,
        List<Section> sections,
        List<Shot> photos,
        @Nullable Signed signed,
        String note) {

    /**
     * @param text before the points and rows; blank for none
     * @param points one after another
     * @param rows of a table
     */
    public record Section(String title, String text, List<String> points, List<Row> rows) {
        static Section text(String title, String text) {
            return new Section(title, text, List.of(), List.of());
        }

        static Section points(String title, String text, List<String> points) {
            return new Section(title, text, points, List.of());
        }

        static Section rows(String title, List<Row> rows) {
            return new Section(title, "", List.of(), rows);
        }

        boolean saysSomething() {
            return !text.isBlank() || !points.isEmpty() || !rows.isEmpty();
        }
    }

    public record Row(String what, String result) {}

    /** A photo by its id. */
    public record Shot(UUID photo, String of) {}

    /**
     * @param by name and time
     * @param strokes as of {@link grimygasket.visit.line.Signature}
     */
    public record Signed(String by, String strokes) {}
}
