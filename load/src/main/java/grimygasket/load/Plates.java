package grimygasket.load;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Plate;
import grimygasket.e2e.browser.PlateReading;
import grimygasket.e2e.installation.Installation;
import java.util.regex.Pattern;

/**
 * Reads made-up rating plates off their photos, the first taken with care and the last in a dark cupboard: prints a table of what was
 * proposed right. Run by scripts/plates.
 */
final class Plates {
    private Plates() {}

    public static void main(String[] args) throws Exception {
        int plates = Integer.parseInt(args[0]);
        int makers = 0;
        int models = 0;
        int serials = 0;
        int wrong = 0;
        try (var installation = new Installation(true);
                var chromium = Chromium.asPeopleHaveIt()) {
            var page = PlateReading.correcting(chromium, installation);
            for (int i = 0; i < plates; i++) {
                var plate = Plate.drawn(i, plates);
                var said = PlateReading.read(page, plate);
                boolean maker = offers(said, "Maker: " + plate.maker());
                boolean model = offers(said, "Model: " + plate.model());
                boolean serial = offers(said, "Serial: " + plate.serial());
                makers += maker ? 1 : 0;
                models += model ? 1 : 0;
                serials += serial ? 1 : 0;
                int right = (maker ? 1 : 0) + (model ? 1 : 0) + (serial ? 1 : 0);
                int offered = said.getByRole(
                                AriaRole.BUTTON,
                                new Locator.GetByRoleOptions().setName(Pattern.compile("^(Maker|Model|Serial): ")))
                        .count();
                wrong += offered - right;
                System.out.printf(
                        "%s: tilt %.1f°, noise %.0f, glare %.1f, blur %.1f: %s%n",
                        plate.seed(),
                        plate.tilt(),
                        plate.noise(),
                        plate.glare(),
                        plate.blur(),
                        said.innerText().replace('\n', ' '));
            }
        }
        System.out.println(
                "| plates | makers right | models right | serials right | proposed wrongly |\n|---|---|---|---|---|");
        System.out.printf("| %d | %d | %d | %d | %d |%n", plates, makers, models, serials, wrong);
        System.exit(0);
    }

    private static boolean offers(Locator said, String text) {
        return said.getByRole(
                                AriaRole.BUTTON,
                                new Locator.GetByRoleOptions().setName(text).setExact(true))
                        .count()
                == 1;
    }
}
