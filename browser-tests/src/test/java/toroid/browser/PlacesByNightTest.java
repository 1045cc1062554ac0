package toroid.browser;

import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** On the tablet at the bench by night, in the dark theme; also at the desk. */
class PlacesByNightTest extends Places {
    @ParameterizedTest
    @CsvSource({"768,1024,true", "1280,800,false"})
    void isAccessibleAndFits(int width, int height, boolean read) {
        allFit(width, height, ColorScheme.DARK, read);
    }
}
