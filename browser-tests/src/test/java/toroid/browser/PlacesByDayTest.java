package toroid.browser;

import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** At the desk by day, in the light theme; also on a tablet held across. */
class PlacesByDayTest extends Places {
    @ParameterizedTest
    @CsvSource({"1280,800,true", "1024,768,false"})
    void isAccessibleAndFits(int width, int height, boolean read) {
        allFit(width, height, ColorScheme.LIGHT, read);
    }
}
