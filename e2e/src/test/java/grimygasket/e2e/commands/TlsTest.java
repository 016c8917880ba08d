package grimygasket.e2e.commands;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import com.microsoft.playwright.PlaywrightException;
import grimygasket.e2e.browser.Chromium;
import grimygasket.e2e.browser.Size;
import grimygasket.e2e.installation.Checkout;
import grimygasket.e2e.installation.Installation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Over https, as phones want it, with a browser that was told whom to trust. */
public class TlsTest {
    private Checkout here;
    private Path trusting;

    @BeforeClass
    void begin() throws IOException, InterruptedException {
        here = new Checkout();
    }

    @AfterClass(alwaysRun = true)
    void end() throws IOException {
        here.close();
    }

    @BeforeMethod
    void aHomeThatTrustsNobody() throws IOException {
        trusting = Files.createTempDirectory("gasket-browser");
    }

    @AfterMethod(alwaysRun = true)
    void removeIt() {
        Installation.delete(trusting);
    }

    private void succeeds(String command) throws IOException, InterruptedException {
        var done = here.run(command);
        assertEquals(done.status(), 0, done.said());
    }

    /** Tells the browser of that home to trust an authority, as a phone is told. */
    private void trust(String authority) throws IOException, InterruptedException {
        var store = trusting.resolve(".pki/nssdb");
        succeeds(
                "mkdir -p '%1$s' && certutil -d 'sql:%1$s' -N --empty-password && certutil -d 'sql:%1$s' -A -n gasket -t C,, -i '%2$s'"
                        .formatted(store, authority));
    }

    /** Somebody signs in on a phone, which gets ready to work without signal. */
    private void worksOnAPhone() {
        try (var chromium = new Chromium(trusting)) {
            var page = chromium.phone("https://localhost:" + here.port(), "maren", "grime-and-gasket");
            page.getByText("Works without signal").waitFor();
            var cookies = page.context().cookies();
            assertTrue(
                    cookies.stream()
                            .allMatch(cookie ->
                                    cookie.secure && cookie.sameSite.name().equals("STRICT")),
                    "" + cookies.size());
        }
    }

    @Test
    public void aCertificateOfItsOwnIsTrustedOnceItsAuthorityIs() throws IOException, InterruptedException {
        var running = here.start(Typed.TLS_OWN.command()).ready();
        assertTrue(running.said().contains("Grimy Gasket runs at https://"), running.said());
        try (var chromium = new Chromium(trusting)) {
            var page = chromium.profile(Size.PHONE).newPage();
            var refused =
                    expectThrows(PlaywrightException.class, () -> page.navigate("https://localhost:" + here.port()));
            assertTrue(refused.getMessage().contains("ERR_CERT_AUTHORITY_INVALID"), refused.getMessage());
        }
        trust("var/tls/trust.pem");
        worksOnAPhone();
        running.end();
        succeeds(
                "test \"$(stat -c %a var/tls/trust.key var/tls/server.key | sort -u)\" = 600 && test \"$(stat -c %a var/tls)\" = 700");
        here.start(Typed.TLS_OWN.command()).ready().end();
        whoHasItsKeyPretendsToBeNoOtherSite();
    }

    private void whoHasItsKeyPretendsToBeNoOtherSite() throws IOException, InterruptedException {
        succeeds("""
                cd var/tls
                openssl req -newkey ec -pkeyopt ec_paramgen_curve:prime256v1 -nodes -subj /CN=shop.example.org -keyout other.key -out other.csr
                openssl x509 -req -in other.csr -CA trust.pem -CAkey trust.key -CAcreateserial -days 9 -out other.pem \\
                  -extfile <(printf 'subjectAltName=DNS:shop.example.org')
                openssl verify -CAfile trust.pem server.pem
                """);
        var forged = here.run("openssl verify -CAfile var/tls/trust.pem var/tls/other.pem");
        assertTrue(forged.status() != 0 && forged.said().contains("permitted subtree violation"), forged.said());
    }

    @Test
    public void aCertificateOfTheBusinessIsUsed() throws IOException, InterruptedException {
        succeeds("""
                openssl req -x509 -newkey rsa:2048 -nodes -days 9 -subj /CN=authority -addext keyUsage=critical,keyCertSign -keyout ca.key -out ca.pem
                openssl req -newkey rsa:2048 -nodes -subj /CN=localhost -keyout key.pem -out cert.csr
                openssl x509 -req -in cert.csr -CA ca.pem -CAkey ca.key -CAcreateserial -days 9 -out cert.pem -extfile <(printf 'subjectAltName=DNS:localhost')
                """);
        var running = here.start(Typed.TLS.command()).ready();
        trust("ca.pem");
        worksOnAPhone();
        running.end();
        var mixed = here.run("./start --tls cert.pem ca.key");
        assertEquals(mixed.status(), 1);
        assertTrue(mixed.said().contains("is not that of the certificate"), mixed.said());
    }
}
