package toroid.browser;

import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;

/** At the desk by day, in the light theme; also on a tablet held across. */
class PlacesByDayTest extends Places {
    @Test
    void isAccessibleAndFits() {
        allFit(ColorScheme.LIGHT, new int[] {1280, 800}, new int[] {1024, 768});
    }
}
