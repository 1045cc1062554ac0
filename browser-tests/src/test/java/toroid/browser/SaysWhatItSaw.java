package toroid.browser;

import com.microsoft.playwright.PlaywrightException;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestExecutionExceptionHandler;

/** With a failure goes what the page said and how long it had been asked for what: on another machine that is all there is to go by. */
public class SaysWhatItSaw implements TestExecutionExceptionHandler {
    private static final int LONGEST = 3000;

    @Override
    public void handleTestExecutionException(ExtensionContext test, Throwable failure) throws Throwable {
        if (test.getRequiredTestInstance() instanceof BrowserTest shown && shown.page != null) {
            System.out.println(test.getDisplayName() + " saw " + seen(shown));
        }
        throw failure;
    }

    private static String seen(BrowserTest shown) {
        try {
            String text = shown.page.locator("body").innerText();
            return shown.page.url() + ", asked for " + shown.underWay() + ", errors " + shown.errors() + ":\n"
                    + text.substring(0, Math.min(LONGEST, text.length()));
        } catch (PlaywrightException gone) {
            return "nothing: " + gone.getMessage();
        }
    }
}
