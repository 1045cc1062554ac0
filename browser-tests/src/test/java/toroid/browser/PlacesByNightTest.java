package toroid.browser;

import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;

/** On the tablet at the bench by night, in the dark theme; also at the desk. */
class PlacesByNightTest extends Places {
    @Test
    void isAccessibleAndFits() {
        allFit(ColorScheme.DARK, new int[] {768, 1024}, new int[] {1280, 800});
    }
}
