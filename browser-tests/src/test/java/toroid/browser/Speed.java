package toroid.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * How fast the app feels, in the browser itself: {@code ./toroid bench browser}. From a key to the next paint by Event Timing, which tells
 * nothing under 16 ms and rounds to 8; everything else by the frames that were shown. A benchmark, never a test: nothing here can fail.
 */
@EnabledIfSystemProperty(named = "toroid.speed", matches = ".+")
class Speed extends BrowserTest {
    private static final int KEYS = 24;
    private static final int ROUNDS = 4;
    private static final int BETWEEN_KEYS_MS = 220;
    private static final double UNDER_16 = 8;

    private static final String WATCH = "window.keysTold = new Map();"
            + "new PerformanceObserver(list => list.getEntries().forEach(e => {"
            + "  if (e.interactionId && /^key/.test(e.name))"
            + "    keysTold.set(e.interactionId, Math.max(e.duration, keysTold.get(e.interactionId) ?? 0));"
            + "})).observe({ type: 'event', durationThreshold: 16 });"
            + "window.filledAt = null;"
            + "const look = () => { if ((document.querySelector('main')?.innerText ?? '').trim()) filledAt = performance.now();"
            + "  else requestAnimationFrame(look); }; requestAnimationFrame(look);";

    private static final String TO_PLACE = "name => new Promise(done => {"
            + " const link = [...document.querySelectorAll('nav a')].find(a => a.textContent.trim() === name);"
            + " const told = () => document.querySelector('main')?.innerText.trim() ?? '';"
            + " const before = told(); const begun = performance.now(); link.click();"
            + " const look = () => told() && told() !== before"
            + "   ? requestAnimationFrame(() => done(performance.now() - begun)) : requestAnimationFrame(look);"
            + " requestAnimationFrame(look); })";

    /** Whether a server just started has solved every weave and looked at all that is in hand: it takes a core for itself till then. */
    private static final String AT_REST =
            "async () => { const all = async path => (await fetch('/api/' + path)).json();"
                    + " return (await all('weaves')).every(weave => weave.usualFrom !== null)"
                    + "   && (await all('bench')).every(hand => hand.glance !== null); }";

    private static final String FRAMES = "() => new Promise(done => {"
            + " const slider = document.querySelector('.pull input[type=range]'); const took = []; let last = performance.now(); let n = 0;"
            + " const step = now => { took.push(now - last); last = now;"
            + "   if (++n > 40) { done(took.slice(1)); return; }"
            + "   Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')"
            + "     .set.call(slider, String(+slider.min + (slider.max - slider.min) * (n % 20) / 20));"
            + "   slider.dispatchEvent(new Event('input', { bubbles: true })); requestAnimationFrame(step); };"
            + " requestAnimationFrame(step); })";

    private final StringBuilder told = new StringBuilder();

    @Test
    void measured() throws IOException {
        page.addInitScript(WATCH);
        visit(DEMO + "/");
        page.waitForFunction(
                AT_REST,
                null,
                new Page.WaitForFunctionOptions().setTimeout(600_000).setPollingInterval(500));
        keys();
        places();
        firstLoads();
        slider();
        Files.writeString(Path.of(System.getProperty("toroid.speed")), told);
    }

    /** Where something is typed, and what opens it. */
    private Map<String, String> fields() {
        visit(DEMO + "/");
        var at = new LinkedHashMap<String, String>();
        at.put("Rings", DEMO + page.locator("a[href^='/rings/']").first().getAttribute("href"));
        at.put("Shapes", DEMO + page.locator("a[href^='/shapes/']").first().getAttribute("href"));
        at.put("Weaves", DEMO + "/weaves");
        at.put("Pieces", DEMO + page.locator("a[href^='/pieces/']").first().getAttribute("href"));
        at.put("Notebook", DEMO + "/notebook");
        at.put("Practice", DEMO + "/practice/twenty-rings");
        at.put("Stock", DEMO + "/stock");
        at.put("Preferences", DEMO + "/preferences");
        return at;
    }

    private void keys() {
        Map<String, String> fields = fields();
        double empty = empty();
        told.append(
                "## From a key to the next paint, ms\n\n| where | median | 95 % | median against an empty page |\n| --- | --- | --- | --- |\n");
        told.append(String.format(Locale.ROOT, "| an empty page | %.0f | | 1.0× |%n", empty));
        visit(DEMO + "/");
        page.keyboard().press("/");
        row("the bench line", typed(), empty);
        fields.forEach((name, address) -> {
            visit(address);
            Locator field = page.locator("main input:visible:not([type=file]):not([type=range]):not([type=checkbox])")
                    .first();
            if (field.count() > 0) {
                field.focus();
                row(name, typed(), empty);
            }
        });
    }

    /** A page of the same address with one field and nothing else. */
    private double empty() {
        page.route(
                DEMO + "/empty",
                (Route route) -> route.fulfill(new Route.FulfillOptions()
                        .setContentType("text/html")
                        .setBody("<!doctype html><main>here <input></main>")));
        page.navigate(DEMO + "/empty");
        page.locator("input").focus();
        return share(typed(), 0.5);
    }

    private List<Double> typed() {
        page.evaluate("() => keysTold.clear()");
        for (int i = 0; i < KEYS; i++) {
            page.keyboard().press(i % 2 == 0 ? "1" : "Backspace");
            page.waitForTimeout(BETWEEN_KEYS_MS);
        }
        page.waitForTimeout(600);
        List<Double> took = numbers(page.evaluate("() => [...keysTold.values()]"));
        while (took.size() < KEYS) {
            took.add(UNDER_16);
        }
        return took;
    }

    private void row(String name, List<Double> took, double empty) {
        told.append(String.format(
                Locale.ROOT,
                "| %s | %.0f | %.0f | %.1f× |%n",
                name,
                share(took, 0.5),
                share(took, 0.95),
                share(took, 0.5) / empty));
    }

    private void places() {
        List<String> names = List.of(
                "Rings",
                "Shapes",
                "Weaves",
                "Pieces",
                "Cutting",
                "Notebook",
                "Practice",
                "Stock, tools",
                "Preferences",
                "Bench");
        visit(DEMO + "/");
        var first = new LinkedHashMap<String, Double>();
        var again = new LinkedHashMap<String, List<Double>>();
        for (int round = 0; round < ROUNDS; round++) {
            for (String name : names) {
                double took = ((Number) page.evaluate(TO_PLACE, name)).doubleValue();
                settled();
                if (round == 0) {
                    first.put(name, took);
                } else {
                    again.computeIfAbsent(name, any -> new ArrayList<>()).add(took);
                }
            }
        }
        told.append(
                "\n## From place to place, ms to the first frame that says something\n\n| to | first time | median after | longest after |\n| --- | --- | --- | --- |\n");
        first.forEach((name, took) -> told.append(String.format(
                Locale.ROOT,
                "| %s | %.0f | %.0f | %.0f |%n",
                name,
                took,
                share(again.get(name), 0.5),
                share(again.get(name), 1))));
    }

    private void firstLoads() {
        var painted = new ArrayList<Double>();
        var filled = new ArrayList<Double>();
        var weave = new ArrayList<Double>();
        for (int i = 0; i < ROUNDS; i++) {
            open(1280, 800, ColorScheme.LIGHT);
            page.addInitScript(WATCH);
            visit(DEMO + "/");
            painted.add(number("() => performance.getEntriesByName('first-contentful-paint')[0].startTime"));
            filled.add(number("() => filledAt"));
            String link = page.locator("li a[href^='/weaves/']").first().getAttribute("href");
            open(1280, 800, ColorScheme.LIGHT);
            page.addInitScript(WATCH);
            page.navigate(DEMO + link);
            page.locator("main canvas").first().waitFor();
            weave.add(
                    number(
                            "() => new Promise(done => requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now()))))"));
            settled();
        }
        told.append("\n## From nothing, ms\n\n| what | median | longest |\n| --- | --- | --- |\n");
        loads("the bench: first paint", painted);
        loads("the bench: it says something", filled);
        loads("a weave: its picture's first frame", weave);
    }

    private void loads(String what, List<Double> took) {
        told.append(String.format(Locale.ROOT, "| %s | %.0f | %.0f |%n", what, share(took, 0.5), share(took, 1)));
    }

    /** A weave in the round pulled from slack to taut, a step each frame; drawn without a graphics card. */
    private void slider() {
        visit(DEMO + "/weaves");
        page.locator(".pull input[type=range]").waitFor();
        List<Double> took = numbers(page.evaluate(FRAMES));
        told.append("\n## A weave pulled by its slider\n\n");
        told.append(String.format(
                Locale.ROOT,
                "A frame takes %.0f ms in the median, %.0f at most, without a graphics card.%n",
                share(took, 0.5),
                share(took, 1)));
    }

    private double number(String script) {
        return ((Number) page.evaluate(script)).doubleValue();
    }

    private static List<Double> numbers(Object told) {
        var numbers = new ArrayList<Double>();
        ((List<?>) told).forEach(one -> numbers.add(((Number) one).doubleValue()));
        return numbers;
    }

    private static double share(List<Double> took, double share) {
        List<Double> sorted = took.stream().sorted().toList();
        return sorted.get(Math.min(sorted.size() - 1, (int) (sorted.size() * share)));
    }
}
