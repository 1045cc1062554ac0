package toroid.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;

/** The real interface in headless Chromium, against running servers; every test ends without a console error. */
@ExtendWith({OneBrowser.class, SaysWhatItSaw.class})
abstract class BrowserTest {
    static final String DEMO = workshop("toroid.demo.url");
    static final String EMPTY = workshop("toroid.empty.url");

    /** Of several workshops, one address after another, the one for this of the browsers that run at once. */
    private static String workshop(String property) {
        String[] all = System.getProperty(property, "http://127.0.0.1:8420").split(",");
        return all[(Integer.getInteger("toroid.fork", 1) - 1) % all.length];
    }

    /** The one for all tests; {@link OneBrowser} starts it. */
    static Browser browser;

    protected BrowserContext context;
    private BrowserContext other;
    protected Page page;
    private final List<String> errors = new ArrayList<>();
    private final Set<Request> underWay = new HashSet<>();
    private int asked;
    private Request document;

    /** How long a condition is waited for before it counts as failed, ms: many times what a busy machine needs. */
    private static final double PATIENCE_MS = 40_000;

    @BeforeAll
    static void patience() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    @BeforeEach
    void open() {
        open(1280, 800, ColorScheme.LIGHT);
    }

    /** A fresh browser of that size. */
    protected void open(int width, int height, ColorScheme scheme) {
        if (context != null) {
            context.close();
        }
        context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setColorScheme(scheme)
                .setReducedMotion(ReducedMotion.REDUCE));
        underWay.clear();
        page = tab();
    }

    /** Another device of that size: it shares nothing with this one but the workshop. */
    protected Page device(int width, int height) {
        other = browser.newContext(
                new Browser.NewContextOptions().setViewportSize(width, height).setReducedMotion(ReducedMotion.REDUCE));
        return tab(other);
    }

    /** One more tab of the same browser. */
    protected Page tab() {
        return tab(context);
    }

    private Page tab(BrowserContext of) {
        Page opened = of.newPage();
        opened.setDefaultTimeout(PATIENCE_MS);
        opened.onConsoleMessage(message -> {
            // The browser itself reports refused requests; the app says them in words, which tests look for.
            if (message.type().equals("error") && !message.text().contains("Failed to load resource")) {
                errors.add(message.text());
            }
        });
        opened.onPageError(errors::add);
        opened.onRequest(request -> {
            if (!request.url().matches("http://(127\\.0\\.0\\.1|bench\\.test):.*|data:.*|blob:.*")) {
                errors.add("asked for " + request.url());
            }
            // what follows another screen is never done
            if (!request.resourceType().equals("eventsource")) {
                asked++;
                underWay.add(request);
            }
            document = request.isNavigationRequest() ? request : document;
        });
        // nobody tells of what the page before it still asked for
        opened.onFrameNavigated(frame -> {
            if (document != null && frame.parentFrame() == null) {
                underWay.retainAll(Set.of(document));
                document = null;
            }
        });
        opened.onRequestFinished(underWay::remove);
        opened.onRequestFailed(underWay::remove);
        return opened;
    }

    @AfterEach
    void close() {
        context.close();
        if (other != null) {
            other.close();
            other = null;
        }
        assertThat(errors).as("console errors and requests to elsewhere").isEmpty();
    }

    /** What is asked for and has not come. */
    List<String> underWay() {
        return underWay.stream().map(Request::url).toList();
    }

    List<String> errors() {
        return List.copyOf(errors);
    }

    /** Opens it and waits until nothing is asked for any more; a server just started solves every weave first. */
    protected void visit(String url) {
        page.navigate(url);
        filled();
        settled();
    }

    /** Waits until the place says something: one that comes by itself is shown a moment after its code is there, and asks for nothing till then. */
    private void filled() {
        page.waitForFunction("() => (document.querySelector('main')?.innerText ?? '').trim() !== ''");
    }

    /**
     * Waits until all that this page asked for has come and what it drew of that asks for nothing more: as many requests begun
     * before as after two frames and a pause of the browser's own.
     */
    protected void settled() {
        int begun;
        do {
            begun = asked;
            try {
                page.waitForCondition(underWay::isEmpty, new Page.WaitForConditionOptions().setTimeout(600_000));
            } catch (TimeoutError late) {
                throw new AssertionError("not answered: " + underWay(), late);
            }
            page.evaluate("() => new Promise(done =>"
                    + " requestAnimationFrame(() => requestAnimationFrame(() => requestIdleCallback(() => done()))))");
        } while (begun != asked || !underWay.isEmpty());
    }

    /** No accessibility violations that axe can find, WCAG A and AA. */
    protected void accessible(String where) {
        clean(where, axe().withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa")));
    }

    /** What alone depends on the theme. */
    protected void readable(String where) {
        clean(where, axe().withRules(List.of("color-contrast")));
    }

    /** Told of what fails alone: of all that passes it would write down every element besides. */
    private AxeBuilder axe() {
        var options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return new AxeBuilder(page).options(options).setLegacyMode(true);
    }

    private static void clean(String where, AxeBuilder axe) {
        var results = axe.exclude(".board svg").analyze();
        List<String> found = results.getViolations().stream()
                .map(v -> v.getId() + ": "
                        + v.getNodes().stream().map(n -> n.getHtml()).toList())
                .toList();
        assertThat(found).as(where).isEmpty();
    }

    /** Where the bench goes on with what is in hand under that name. */
    protected String making(String name) {
        return page.locator("section[aria-label='In hand'], li")
                .filter(new Locator.FilterOptions().setHasText(name))
                .locator("a[href^='/making/']")
                .last()
                .getAttribute("href");
    }

    /** Waits until a picture comes into view and shows something. */
    protected void painted(Locator canvas) {
        canvas.scrollIntoViewIfNeeded();
        page.waitForFunction(
                "one => one.width > 40 && one.getContext('2d').getImageData(0, 0, one.width, one.height).data"
                        + ".some((value, i) => i % 4 === 3 && value > 0)",
                canvas.elementHandle());
    }

    /** Arrow keys turn what is in the picture, and turn it back. */
    protected void turnedByKeys(Locator canvas) {
        // its outline is part of the picture
        canvas.focus();
        byte[] before = still(canvas);
        press("ArrowRight", 5);
        page.waitForCondition(() -> !Arrays.equals(canvas.screenshot(), before));
        press("ArrowLeft", 5);
        page.waitForCondition(() -> Arrays.equals(canvas.screenshot(), before));
    }

    private void press(String key, int times) {
        for (int i = 0; i < times; i++) {
            page.keyboard().press(key);
        }
    }

    /** Its picture, once that is the same twice. */
    protected byte[] still(Locator canvas) {
        canvas.waitFor();
        settled();
        byte[] before;
        byte[] now = canvas.screenshot();
        do {
            before = now;
            now = canvas.screenshot();
        } while (!Arrays.equals(before, now));
        return now;
    }

    private static final int MOST_TABS = 400;

    private String focused() {
        return (String)
                page.evaluate(
                        "() => { const e = document.activeElement;"
                                + " return e.getAttribute('aria-label') || (e.labels && e.labels[0] ? e.labels[0].textContent : '') || e.innerText || ''; }");
    }

    /** Walks on with Tab until the focus is on what is called so. */
    protected void tabTo(String name) {
        for (int i = 0; i < MOST_TABS; i++) {
            if (focused().trim().startsWith(name)) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("\"" + name + "\" is not reached by keyboard");
    }

    protected Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    protected Locator button(String name) {
        return page.getByRole(
                com.microsoft.playwright.options.AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** Waits until what was typed is acknowledged. */
    protected void saved() {
        page.locator("[data-save=saved]")
                .first()
                .waitFor(new Locator.WaitForOptions()
                        .setState(com.microsoft.playwright.options.WaitForSelectorState.ATTACHED));
        page.waitForFunction("() => !document.querySelector('[data-save=saving], [data-save=waiting]')");
    }

    /** Makes a job from the bench line and ends on its drawing. */
    protected void line(String words) {
        page.keyboard().press("/");
        page.keyboard().type(words);
        page.getByText("takes it to Rings").waitFor();
        page.keyboard().press("Enter");
        page.waitForURL("**/rings/*-*");
        page.getByTestId("ring-face").waitFor();
    }
}
