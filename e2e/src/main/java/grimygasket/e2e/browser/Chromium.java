package grimygasket.e2e.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import grimygasket.e2e.installation.Installation;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Debian's Chromium, headless. */
public final class Chromium implements AutoCloseable {
    /**
     * Milliseconds. A test waits for what happens, and goes on as soon as it has: so a limit costs nothing where all is well, and a machine at
     * ten times its load fails nothing.
     */
    private static final double PATIENCE = 90_000;

    /** Chromium without a window of its own, which the whole browser draws even where nobody sees it: half the work. */
    private static final Path DEBIANS = Path.of("/usr/bin/chromium-headless-shell");

    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** A page of a test lives for seconds: making its core faster while it runs costs more than that wins. */
    private static final String SHORT_LIVED = "--js-flags=--liftoff-only";

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    }

    private static final ThreadLocal<Chromium> OF_THREAD = new ThreadLocal<>();

    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final List<String> flags;
    private final Browser browser;

    public Chromium() {
        this(Stream.concat(FLAGS.stream(), Stream.of(SHORT_LIVED)).toList(), System.getenv());
    }

    /**
     * The browser of this thread. No other thread may use it, and it takes seconds to start, so each keeps its own until the tests end. Each test
     * closes its profiles.
     */
    public static Chromium ofThisThread() {
        var there = OF_THREAD.get();
        if (there == null || !there.browser.isConnected()) {
            there = new Chromium();
            OF_THREAD.set(there);
        }
        return there;
    }

    /** A browser of somebody with that home folder: it trusts whom they have told it to. */
    public Chromium(Path home) {
        this(FLAGS, withHome(home));
    }

    private Chromium(List<String> flags, Map<String, String> environment) {
        this.flags = flags;
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(DEBIANS)
                        .setArgs(flags)
                        .setEnv(environment));
    }

    /** A browser as people have it, for whoever measures. */
    public static Chromium asPeopleHaveIt() {
        return new Chromium(FLAGS, System.getenv());
    }

    private static Map<String, String> withHome(Path home) {
        var environment = new HashMap<>(System.getenv());
        environment.put("HOME", home.toString());
        return environment;
    }

    /** A browser profile of its own with a window of that size; without service worker, as it would hide requests from a test. */
    public BrowserContext profile(Size size) {
        return profile(size, ServiceWorkerPolicy.BLOCK);
    }

    /** The same, with or without service worker. */
    public BrowserContext profile(Size size, ServiceWorkerPolicy workers) {
        return patient(browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(size.width(), size.height())
                .setHasTouch(size == Size.PHONE)
                .setServiceWorkers(workers)
                .setLocale("en-GB")));
    }

    /** The same, of somebody who is elsewhere: the zone by the name of the IANA database. */
    public BrowserContext elsewhere(Size size, String zone) {
        return patient(browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(size.width(), size.height())
                .setServiceWorkers(ServiceWorkerPolicy.BLOCK)
                .setTimezoneId(zone)
                .setLocale("en-GB")));
    }

    private static BrowserContext patient(BrowserContext profile) {
        profile.setDefaultTimeout(PATIENCE);
        return profile;
    }

    /** All that are open. */
    public List<Page> pages() {
        return browser.contexts().stream()
                .flatMap(profile -> profile.pages().stream())
                .toList();
    }

    /** What somebody sees who looks at all that is open: for whoever reads why a test has failed. */
    public String seen() {
        return pages().stream().map(Chromium::seen).collect(Collectors.joining("\n"));
    }

    private static String seen(Page page) {
        try {
            return page.url() + "\n" + page.evaluate("() => document.readyState + '\\n' + document.body.innerText");
        } catch (PlaywrightException e) {
            return page.url() + " does not answer: " + e.getMessage();
        }
    }

    /** Ends all profiles: pages that nobody looks at would go on working. */
    public void closeProfiles() {
        List.copyOf(browser.contexts()).forEach(BrowserContext::close);
    }

    /** A browser of its own with a profile kept in that folder, as it is there after the browser was killed. */
    public BrowserContext kept(Path folder, Size size) {
        return patient(playwright
                .chromium()
                .launchPersistentContext(
                        folder,
                        new BrowserType.LaunchPersistentContextOptions()
                                .setExecutablePath(DEBIANS)
                                .setArgs(flags)
                                .setViewportSize(size.width(), size.height())
                                .setHasTouch(size == Size.PHONE)
                                .setLocale("en-GB")));
    }

    /** A page of a fresh profile, signed in, at the round. */
    public Page signedIn(Installation installation, Size size) {
        var page = signedIn(installation, size, "");
        page.getByText("of work").waitFor();
        return page;
    }

    /** The same, at some other view: signing in by hand would first draw the round. */
    public Page signedIn(Installation installation, Size size, String view) {
        var profile = profile(size);
        signIn(profile, installation.address());
        var page = profile.newPage();
        page.navigate(installation.address() + view);
        return page;
    }

    private static void signIn(BrowserContext profile, String address) {
        var device = UUID.randomUUID().toString();
        profile.addInitScript("localStorage.setItem('grimy-gasket:device', '" + device + "')");
        // The first request brings the token that the second must show.
        profile.request().get(address + "/api/session", again());
        var token = profile.cookies().stream()
                .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow();
        var answer = profile.request()
                .post(
                        address + "/api/session",
                        again().setHeader("X-XSRF-TOKEN", token.value)
                                .setHeader("X-Device", device)
                                .setForm(FormData.create()
                                        .set("login", Installation.LOGIN)
                                        .set("password", Installation.PASSWORD)));
        if (!answer.ok()) {
            throw new IllegalStateException("signing in was answered " + answer.status() + ": " + answer.text());
        }
    }

    /** A server may close an idle connection in the moment in which the next request is sent on it: browsers try again, and so does this. */
    private static RequestOptions again() {
        return RequestOptions.create().setMaxRetries(2);
    }

    /** Somebody signs in on a phone. */
    public Page phone(String address, String login, String password) {
        return device(Size.PHONE, address, login, password);
    }

    private Page device(Size size, String address, String login, String password) {
        var page = profile(size, ServiceWorkerPolicy.ALLOW).newPage();
        page.navigate(address);
        page.getByLabel("Name").fill(login);
        page.getByLabel("Password").fill(password);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
        return page;
    }

    /** A phone that has got what the next days need, and works on without signal. */
    public Page readyForTheCellar(Installation installation) {
        return readyForTheCellar(installation, Installation.LOGIN, Size.PHONE);
    }

    /** The same, a device of somebody. */
    public Page readyForTheCellar(Installation installation, String login, Size size) {
        var page = device(size, installation.address(), login, Installation.PASSWORD);
        page.getByText("Works without signal").waitFor();
        return page;
    }

    public static void signIn(Page page) {
        givePassword(page);
        page.getByText("of work").waitFor();
    }

    /** Half a sign-in, for whoever has a passkey. */
    public static void givePassword(Page page) {
        page.getByLabel("Name").fill(Installation.LOGIN);
        page.getByLabel("Password").fill(Installation.PASSWORD);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                .click();
    }

    @Override
    public void close() {
        playwright.close();
    }
}
