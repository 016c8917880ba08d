package grimygasket.e2e.device;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import grimygasket.e2e.browser.BrowserTest;
import grimygasket.e2e.browser.CallPage;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Installation;
import grimygasket.e2e.installation.Script;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** A server that comes back from an older backup: devices give back what they were told is kept. */
public class RestoredTest extends BrowserTest {
    private static final String GREASY = "/calls/0193a000-0000-7000-8000-000000000404";

    private Path folder;

    @BeforeClass
    @Override
    public void install() throws IOException, InterruptedException {
        folder = Files.createTempDirectory("gasket-restored");
        installation = new Installation(true, Files.createDirectory(folder.resolve("db")));
        chromium = Chromium.ofThisThread();
    }

    @AfterClass(alwaysRun = true)
    @Override
    public void remove() {
        installation.close();
        Installation.delete(folder);
    }

    private static void enter(Page page, String code) {
        page.getByPlaceholder("What else?").fill(code);
        page.getByText("Code “" + code + "”, not in the tables").click();
        assertThat(page.getByLabel("So far")).containsText("Code " + code);
        hasSentAll(page);
    }

    private void backUp() throws IOException, InterruptedException {
        var backedUp = Script.run("backup", "--of", folder.resolve("db"), "--to", folder);
        assertEquals(backedUp.status(), 0, backedUp.said());
    }

    /** As if the disk had died, and the backup were all there is. */
    private void restore() throws IOException, InterruptedException {
        installation.killApplication();
        installation.stopDatabase();
        try (var files = Files.list(folder)) {
            var backup = files.filter(file -> file.toString().endsWith(".tar.gz"))
                    .findFirst()
                    .orElseThrow();
            var restored = Script.run("restore", backup, "--to", folder.resolve("db"));
            assertEquals(restored.status(), 0, restored.said());
        }
        installation.startDatabase();
        installation.startApplication();
    }

    @Test
    public void whatTheBackupLacksComesBackFromTheDevicesOnce() throws IOException, InterruptedException {
        var phone = readyForTheCellar();
        phone.navigate(installation.address() + GREASY);
        phone.getByLabel("Next step").waitFor();
        holds(phone, GREASY);
        enter(phone, "E71");
        backUp();
        enter(phone, "E72");
        var another = chromium.profile(Size.PHONE, ServiceWorkerPolicy.ALLOW).newPage();
        another.navigate(installation.address());
        Chromium.signIn(another);
        var begun = CallPage.add(another, "Dishwasher", "Hums, and stays full of water");
        begun.sees("Dirty water comes back later");
        hasSentAll(another);
        var before = findings(begun.id());

        restore();
        assertEquals(column("select count(*) from service_call where id = '" + begun.id() + "'"), new String[] {"0"});
        phone.reload();
        another.reload();
        // Whoever had signed in since the backup does so again.
        Chromium.givePassword(another);
        another.waitForCondition(
                () -> column("select count(*) from service_call where id = '" + begun.id() + "'")[0].equals("1"));
        hasSentAll(phone);
        hasSentAll(another);
        assertThat(phone.getByLabel("So far")).containsText("Code E72");
        assertEquals(findings(begun.id()), before);
        var codes = String.join(" ", findings(GREASY));
        assertTrue(codes.contains("E71") && codes.contains("E72"), codes);
        assertEquals(codes.split("E72", -1).length, 2, "once: " + codes);
        assertTrue(
                Integer.parseInt(column("select count(*) from command_log where returned and outcome = 'APPLIED'")[0])
                        >= 3);
        new CallPage(phone).segment("Hand over");
        button(phone, "Activity log").click();
        assertThat(phone.getByText("given back after a backup was restored").first())
                .isVisible();
    }
}
