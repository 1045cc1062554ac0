package toroid.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** One browser for all tests; each test has a context of its own in it, which shares nothing with another. One that died is started anew. */
public class OneBrowser implements BeforeAllCallback {
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--host-resolver-rules=MAP bench.test 127.0.0.1");

    private record Running(Playwright playwright, Browser browser) implements AutoCloseable {
        @Override
        public void close() {
            playwright.close();
        }
    }

    @Override
    public void beforeAll(ExtensionContext tests) {
        ExtensionContext.Store kept = tests.getRoot().getStore(ExtensionContext.Namespace.create(OneBrowser.class));
        Running running = kept.get(Running.class, Running.class);
        if (running == null || !running.browser().isConnected()) {
            running = launched();
            kept.put(Running.class, running);
        }
        BrowserTest.browser = running.browser();
    }

    private static Running launched() {
        var playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        return new Running(
                playwright,
                playwright
                        .chromium()
                        .launch(new BrowserType.LaunchOptions()
                                .setExecutablePath(Path.of(System.getProperty("toroid.chromium", "/usr/bin/chromium")))
                                .setArgs(ARGUMENTS)));
    }
}
