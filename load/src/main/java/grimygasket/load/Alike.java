package grimygasket.load;

import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.DeviceCore;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.MadeUpCalls;
import grimygasket.e2e.installation.Phone;

/** Makes calls up, and looks whether the server says of each, to the letter, what the core in a browser says. Run by scripts/alike. */
final class Alike {
    private Alike() {}

    public static void main(String[] args) throws Exception {
        int count = Integer.parseInt(args[0]);
        try (var installation = new Installation(true);
                var chromium = Chromium.asPeopleHaveIt()) {
            var calls = new MadeUpCalls(new Phone(installation.address(), Installation.LOGIN), 2).make(count);
            var entries = installation.rows("""
                    select sum(json_length(record, '$.story')), sum(json_length(record, '$.story') = 0) from service_call
                    """).get(0);
            var otherwise = DeviceCore.toldOtherwise(chromium.signedIn(installation, Size.DESK), calls);
            System.out.printf(
                    "%d calls made up, with %s entries; of %d the server says something else than the browser%n",
                    count, entries.get(0), otherwise.size());
            otherwise.forEach(System.out::println);
            System.exit(otherwise.isEmpty() ? 0 : 1);
        }
    }
}
