package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/** A photo of known size is measured by hand, and what it says arrives where something is measured. */
class PhotoSizesTest extends BrowserTest {
    @Test
    void whatAPhotoSaysIsNotedAtTheBench() throws IOException {
        visit(DEMO + "/");
        String run = DEMO + making("Cloak clasp hooks");
        Page bench = tab();
        bench.navigate(run);
        bench.getByLabel("Measured").first().waitFor();
        visit(DEMO + "/notebook/photo");
        PhotoOfARing.chosenAndMarked(page);
        Locator size = page.locator(".photo-size");
        assertThat(size).containsText("mm ±");
        double mm = Double.parseDouble(size.innerText().split("mm")[0].trim());
        double band = Double.parseDouble(size.innerText().split("±")[1].trim());
        assertThat(Math.abs(mm - PhotoOfARing.INSIDE_MM)).isLessThan(band).isLessThan(0.3);
        accessible("sizes from a photo");
        button("note it where I measure").click();
        assertThat(bench.getByTestId("noted")).containsText("measurement");
        page.reload();
        assertThat(page.locator(".photo-size")).containsText("mm ±");
        button("put it away").click();
    }
}
