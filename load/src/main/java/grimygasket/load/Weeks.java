package grimygasket.load;

import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.browser.Week;
import grimygasket.e2e.installation.Installation;
import java.util.List;

/** All five vans of the demo on all five days of a week, at both sizes. Run by scripts/week. */
final class Weeks {
    private static final int DAYS = 5;

    private Weeks() {}

    public static void main(String[] args) throws Exception {
        try (var installation = new Installation(true);
                var chromium = new Chromium()) {
            for (var size : Size.values()) {
                drive(new Week(installation, chromium, size), size, chromium);
            }
        }
        System.exit(0);
    }

    private static void drive(Week week, Size size, Chromium chromium) {
        try {
            week.drive(DAYS, List.of(Week.Van.values()));
            week.isOrdered("WS-" + size);
        } catch (AssertionError | RuntimeException e) {
            System.out.println(chromium.seen());
            throw e;
        }
        System.out.printf(
                "a week at %s: %d calls worked and closed, %d without signal; every count is the sum of its movements%n",
                size, DAYS * Week.Van.values().length, DAYS);
    }
}
