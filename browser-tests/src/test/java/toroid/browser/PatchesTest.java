package toroid.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.Gson;
import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.RequestOptions;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A patch of a weave from the bench line to the last ring: counted, put together, practised, coloured, made, mended. */
class PatchesTest extends BrowserTest {
    private static final Map<String, Object> TWELVE_RINGS =
            Map.of("wireDiameterMm", 1.0, "innerDiameterMm", List.of(4.0), "metal", "copper", "units", 12);

    private Locator exactly(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void mode(String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    /** From the bench line to its place: a single chain of twelve in 1 mm wire, 4 mm inside. */
    private void twelveRings() {
        visit(DEMO + "/");
        Locator line = page.getByLabel("Bench line", new Page.GetByLabelOptions().setExact(true));
        line.fill("single chain 12 units 1.0 id 4");
        assertThat(page.locator(".line-answer")).containsText("to close");
        line.press("Enter");
        page.waitForURL(Pattern.compile(".*/weaves/[0-9a-f-]{36}"));
        page.getByTestId("close-open").waitFor();
    }

    private JsonObject patch() {
        APIResponse told = page.request()
                .post(
                        DEMO + "/api/weaves/single-chain/patch",
                        RequestOptions.create().setData(TWELVE_RINGS));
        return new Gson().fromJson(told.text(), JsonObject.class);
    }

    @Test
    void aLineBecomesACountedPatchAndItsRingsACutList() {
        twelveRings();
        assertThat(page.getByTestId("close-open")).containsText("6");
        Locator rings = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName("rings in all").setExact(true));
        rings.click();
        assertThat(page.locator(".why")).containsText("12 units × 1 rings");
        exactly("cut its rings").click();
        page.waitForURL("**/rings/*-*");
        assertThat(page.getByLabel("Rings wanted")).hasValue("12");
        assertThat(page.getByLabel("Inner diameter", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("4.00");
    }

    @Test
    void aPatchIsPutTogetherRingByRingForwardAndBack() {
        twelveRings();
        mode("put together");
        Locator words = page.locator(".assembly-words");
        assertThat(words).containsText("Lay a closed ring down");
        byte[] first = still(page.locator("canvas"));
        exactly("One ring on").click();
        assertThat(words).containsText("Through 1, take 1 closed along");
        page.waitForCondition(() -> !Arrays.equals(page.locator("canvas").screenshot(), first));
        for (int i = 0; i < 2; i++) {
            exactly("One ring back").click();
        }
        assertThat(words).containsText("Close 6 rings first");
        page.getByLabel("Rings put in").press("End");
        // there is no further: the button is gone, and leaves its room
        assertThat(page.getByLabel("One ring on")).isHidden();
    }

    /** What the model answers is checked against the links as the server tells them. */
    @Test
    void practiceIsAnsweredByTheModel() {
        twelveRings();
        mode("practise");
        assertThat(page.getByText("Which rings does the blue one go through?")).isVisible();
        Locator letters = page.locator(".practice .letters button[aria-pressed]");
        int choices = letters.count();
        assertThat(choices).isGreaterThan(2);
        for (int i = 0; i < choices; i++) {
            letters.nth(i).click();
        }
        exactly("That is all of them").click();
        assertThat(page.locator(".assembly-words")).containsText("Not quite.");
        Locator right = page.locator(".practice .letters button[data-right=true]");
        assertThat(right.count()).isBetween(1, 2);
        List<String> named = right.allTextContents();
        exactly("Next ring").click();
        assertThat(page.locator(".practice-question")).containsText("0 of 1 right");
        // the same ring again, answered as the model told
        page.reload();
        mode("practise");
        named.forEach(letter -> letters.getByText(letter, new Locator.GetByTextOptions().setExact(true))
                .click());
        exactly("That is all of them").click();
        assertThat(page.locator(".assembly-words")).containsText("Right.");
    }

    @Test
    void coloursAreCountedAsTheyArePainted() {
        twelveRings();
        mode("colours");
        exactly("another colour").click();
        page.getByLabel("Colours go by").selectOption("CELL");
        assertThat(page.locator(".palette li").nth(0)).containsText("6");
        assertThat(page.locator(".palette li").nth(1)).containsText("6");
        page.reload();
        mode("colours");
        assertThat(page.locator(".palette li").nth(1)).containsText("6");
    }

    /** A ring that missed its neighbour: the maker answers what such a patch shows, and the very ring is named. */
    @Test
    void aPatchIsMadeAndAMistakeFound() {
        twelveRings();
        exactly("Make it").click();
        page.waitForURL("**/making/*");
        assertThat(page.getByTestId("big-number")).containsText("6");
        exactly("all of them").click();
        exactly("Next").click();
        assertThat(page.getByText("Open these")).isVisible();
        exactly("all of them").click();
        exactly("Next").click();
        for (int i = 0; i < 6; i++) {
            page.keyboard().press("Space");
        }
        assertThat(page.getByTestId("big-number")).containsText("7");
        page.reload();
        assertThat(page.getByTestId("big-number")).containsText("7");

        JsonObject patch = patch();
        JsonArray steps = patch.getAsJsonArray("steps");
        JsonObject slip = steps.get(3).getAsJsonObject();
        int ring = slip.get("ring").getAsInt();
        int missed = slip.getAsJsonArray("through").get(0).getAsInt();
        JsonObject finding = told(() -> exactly("something looks wrong").click());
        for (int look = 0;
                look < 12 && finding.has("ask") && !finding.get("ask").isJsonNull();
                look++) {
            JsonObject ask = finding.getAsJsonObject("ask");
            finding = told(() -> answer(patch, ask, 6, ring, missed));
        }
        assertThat(page.getByTestId("finding")).containsText("missed the bright one");
        exactly("Go back to that ring").click();
        assertThat(page.getByTestId("big-number")).containsText("4");
    }

    /** What the server says to what was pressed. */
    private JsonObject told(Runnable press) {
        Response response = page.waitForResponse(one -> one.url().endsWith("/diagnose"), press);
        return new Gson().fromJson(response.text(), JsonObject.class);
    }

    private void answer(JsonObject patch, JsonObject ask, int done, int ring, int missed) {
        String kind = ask.get("kind").getAsString();
        int about = ask.get("ring").getAsInt();
        Set<Integer> there = new HashSet<>();
        JsonArray steps = patch.getAsJsonArray("steps");
        for (int at = 0; at < done; at++) {
            there.add(steps.get(at).getAsJsonObject().get("ring").getAsInt());
            for (JsonElement taken : steps.get(at).getAsJsonObject().getAsJsonArray("pickUp")) {
                there.add(taken.getAsInt());
            }
        }
        if (kind.equals("SOUND_UP_TO")) {
            exactly(about < 3 ? "yes" : "no").click();
            return;
        }
        int count = 0;
        JsonArray links = patch.getAsJsonArray("links");
        for (int i = 0; i < links.size(); i += 2) {
            int a = links.get(i).getAsInt();
            int b = links.get(i + 1).getAsInt();
            boolean lost = (a == ring && b == missed) || (b == ring && a == missed);
            if ((a == about || b == about) && there.contains(a) && there.contains(b) && !lost) {
                count++;
            }
        }
        if (kind.equals("COUNT")) {
            exactly(String.valueOf(count)).click();
        } else {
            exactly("cannot tell").click();
        }
    }

    @Test
    void everyWeaveIsShownOnEveryRod() {
        visit(DEMO + "/weaves/shelf");
        Locator cells = page.locator(".shelf td button");
        cells.first().waitFor();
        assertThat(cells.count()).isGreaterThan(60);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^byzantine on .*drapes$")))
                .first()
                .click();
        page.waitForURL("**/weaves");
        assertThat(page.getByTestId("verdict")).containsText("Drapes");
    }

    /** Twelve in the first of nine rows, one more in each: 12 + 13 + … + 20 = 144; common practice for a point. */
    @Test
    void aSheetGrowsIntoAPoint() {
        visit(DEMO + "/weaves");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^European 4-in-1")))
                .click();
        Locator inside = page.getByLabel("ring, inside", new Page.GetByLabelOptions().setExact(true));
        inside.fill("4.3");
        inside.press("Enter");
        exactly("Count and make a patch").click();
        page.waitForURL(Pattern.compile(".*/weaves/[0-9a-f-]{36}"));
        page.getByTestId("close-open").waitFor();
        Locator all = page.locator("[data-figure=patch-rings]");
        assertThat(all).containsText("108");
        page.getByLabel("How rows follow each other").selectOption("GROWING");
        assertThat(all).containsText("144");
        page.getByLabel("How the sheet grows").selectOption("STRIPS");
        assertThat(page.locator("[data-figure=patch-pre-closed]")).not().containsText("0");
        // kept as it was typed
        assertThat(page.getByText("saved")).isVisible();
        page.reload();
        assertThat(all).containsText("144");
    }

    @Test
    void aWeaveOfOnesOwnIsTakenInAndAwayAgain() {
        visit(DEMO + "/weaves");
        String file = page.request()
                .get(DEMO + "/api/weaves/double-chain/file")
                .text()
                .replace("\"double-chain\"", "\"drift-chain\"")
                .replace("double chain 2-in-2", "drift chain");
        Locator chooser = page.getByLabel("A weave as a file");
        chooser.setInputFiles(new FilePayload("odd.json", "application/json", "{\"format\": 1}".getBytes(UTF_8)));
        assertThat(page.locator(".own-weaves [role=alert]")).containsText("This is no weave");
        chooser.setInputFiles(new FilePayload("drift.json", "application/json", file.getBytes(UTF_8)));
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("drift chain")))
                .isVisible();
        exactly("take it away").click();
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^drift chain"))))
                .hasCount(0);
    }
}
