package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberrail.e2e.pages.BenchPage;
import amberrail.e2e.pages.Choices;
import amberrail.e2e.support.Journey;
import com.fasterxml.jackson.databind.JsonNode;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A coach designs a drill on the bench, finds it in the library, and takes it from one place to another. */
class CoachDesignsADrillTest extends Journey {

    @Test
    void byDraggingAndTypingWithUndoAndNothingLost() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        bench.rename("Half-ball to the ring");

        double[] before = bench.place("cue");
        bench.drag(bench.ball("cue"), -300, -120);
        bench.answered();
        assertThat(bench.place("cue")[0]).isCloseTo(before[0] - 300, within(40.0));
        bench.tool("Undo").click();
        assertThat(bench.place("cue")[0]).isCloseTo(before[0], within(0.01));
        bench.tool("Redo").click();
        assertThat(bench.place("cue")[0]).isCloseTo(before[0] - 300, within(40.0));

        // Typed exactly: 635 mm from the head rail, 12.5 inches from the right long rail.
        Choices.choose(page, "Placed by", "distance from two rails");
        Choices.choose(page, "in", "mm");
        page.getByLabel("head rail", new Page.GetByLabelOptions().setExact(true))
                .fill("635");
        page.keyboard().press("Enter");
        Choices.choose(page, "in", "inches");
        page.getByLabel("right long rail", new Page.GetByLabelOptions().setExact(true))
                .fill("12.5");
        page.keyboard().press("Enter");
        assertThat(bench.place("cue")[0]).isCloseTo(635, within(0.01));
        assertThat(bench.place("cue")[1]).isCloseTo(317.5, within(0.01));

        assertThat(bench.saved()).containsText("Saved");
        page.reload();
        new BenchPage(page).answered();
        assertThat(bench.title()).hasValue("Half-ball to the ring");
        assertThat(bench.place("cue")[0]).isCloseTo(635, within(0.01));
    }

    @Test
    void ballsCatchOnWhatTheyComeNear() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        double[] cue = bench.place("cue");
        // To within a centimetre of the head rail, two sights up: it touches the rail at the sight.
        bench.drag(bench.ball("cue"), 40 - cue[0], 635 + 12 - cue[1]);
        bench.answered();
        assertThat(page.getByLabel("Placed by")).hasText("ball widths from a rail");
        assertThat(bench.place("cue")[1]).isCloseTo(635, within(0.01));
        // Alt lets it lie where it is dropped.
        page.keyboard().down("Alt");
        bench.drag(bench.ball("cue"), 400, 20);
        page.keyboard().up("Alt");
        assertThat(page.getByLabel("Placed by")).hasText("distance from two rails");
        // On to the other ball: they touch, and go on touching when that one moves.
        double[] object = bench.place("1");
        cue = bench.place("cue");
        bench.drag(bench.ball("cue"), object[0] - 60 - cue[0], object[1] - 5 - cue[1]);
        assertThat(page.getByLabel("Placed by")).hasText("touching a ball");
        bench.drag(bench.ball("1"), -200, -100);
        double[] one = bench.place("1");
        double[] other = bench.place("cue");
        assertThat(Math.hypot(one[0] - other[0], one[1] - other[1])).isCloseTo(57.15, within(0.01));
    }

    @Test
    void everythingByKeyboard() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        bench.ball("1").focus();
        double[] before = bench.place("1");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Shift+ArrowUp");
        assertThat(bench.place("1")[0]).isCloseTo(before[0] + 10, within(0.01));
        assertThat(bench.place("1")[1]).isCloseTo(before[1] + 1, within(0.01));
        page.keyboard().press("b");
        assertThat(bench.ball("B1")).isVisible();
        page.keyboard().press("Control+a");
        page.keyboard().press("Control+c");
        page.keyboard().press("Control+v");
        assertThat(page.locator("[data-ball]")).hasCount(6);
        page.keyboard().press("Delete");
        assertThat(page.locator("[data-ball]")).hasCount(3);
        double y = bench.place("1")[1];
        page.keyboard().press("Escape");
        page.keyboard().press("m");
        assertThat(bench.place("1")[1]).isCloseTo(1270 - y, within(0.01));
        for (int i = 0; i < 12; i++) {
            page.keyboard().press("Control+z");
        }
        assertThat(page.locator("[data-ball]")).hasCount(2);
        assertThat(bench.place("1")[0]).isCloseTo(before[0], within(0.01));
        // The zone's grips by key.
        page.locator(".demands .head").nth(1).press("Enter");
        bench.grip("place").focus();
        page.keyboard().press("ArrowLeft");
        assertThat(bench.saved()).containsText("Saved");
        page.keyboard().press("?");
        assertThat(page.getByText("snapping on or off")).isVisible();
    }

    @Test
    void problemsAreFlaggedWhereTheyAre() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        assertThat(bench.problems()).containsText("No problems found.");
        page.keyboard().press("b");
        double[] blocker = bench.place("B1");
        double[] object = bench.place("1");
        page.keyboard().down("Alt");
        bench.drag(bench.ball("B1"), object[0] + 250 - blocker[0], object[1] + 120 - blocker[1]);
        page.keyboard().up("Alt");
        assertThat(bench.problems()).containsText("Ball B1 is in the way to the pocket.");
        page.keyboard().press("Delete");
        assertThat(bench.problems()).containsText("No problems found.");
        // The same station again is not harder.
        page.getByText("Copy as a new station").click();
        assertThat(bench.problems()).containsText("Not harder than the station before");
        // Cue ball on the object ball: it cannot be set up, and the drill cannot be recorded.
        page.keyboard().down("Alt");
        double[] cue = bench.place("cue");
        bench.drag(bench.ball("cue"), object[0] + 20 - cue[0], object[1] - cue[1]);
        page.keyboard().up("Alt");
        assertThat(bench.problems()).containsText(" mm inside ball ");
        assertThat(bench.saved()).containsText("Saved");
    }

    @Test
    void targetsAreDrawnAndChangedOnTheCloth() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        page.locator(".demands .head").nth(1).click();
        bench.drag(bench.grip("size"), 150, 0);
        assertThat(zone(bench).get("radiusMillimetres").asDouble()).isCloseTo(450, within(12.0));
        for (String[] shape : new String[][] {
            {"ellipse", "ellipse"},
            {"rectangle", "rectangle"},
            {"polygon", "corners"},
            {"band", "band along a rail"},
            {"corridor", "corridor"},
            {"near-cushion", "as near a rail as possible"}
        }) {
            String kind = shape[0];
            Choices.choose(page, "Shape", shape[1]);
            bench.answered();
            String before = zone(bench).toString();
            String grip = kind.equals("polygon")
                    ? "corner"
                    : kind.endsWith("cushion") || kind.equals("band") ? "depth" : "width";
            bench.drag(bench.grip(grip), -60, 60);
            bench.answered();
            assertThat(zone(bench).toString()).as(kind).isNotEqualTo(before);
        }
        Choices.choose(page, "Ask something more", "do not cross a line");
        bench.drag(bench.grip("start"), 200, 0);
        Choices.choose(page, "Ask something more", "meet a point of a rail");
        bench.drag(bench.grip("point"), 0, 200);
        assertThat(page.locator(".demands")).containsText("The cue ball does not cross the line");
        assertThat(bench.saved()).containsText("Saved");
    }

    @Test
    void aZoneIsTypedExactlyAndAListMayBeginAnew() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        Locator demands = page.locator(".demands");
        demands.locator(".head").nth(1).click();
        Locator typed = demands.locator(".place input");
        typed.nth(0).fill("1500");
        typed.nth(0).press("Tab");
        typed.nth(1).fill("432,1");
        typed.nth(1).press("Tab");
        bench.answered();
        assertThat(zone(bench).at("/centre/place/xMillimetres").asDouble()).isCloseTo(1500, within(0.05));
        assertThat(zone(bench).at("/centre/place/yMillimetres").asDouble()).isCloseTo(432.1, within(0.05));

        Choices.choose(page, "Ask something more", "go by rails in order");
        demands.getByText("Remove last").last().click();
        assertThat(demands.getByRole(AriaRole.STATUS)).containsText("Choose the first cushion");
        demands.getByText("+ left long rail").last().click();
        bench.answered();
        assertThat(demands.getByRole(AriaRole.STATUS)).hasCount(0);
        assertThat(bench.live().at("/shot/demands/2/cushions").toString()).isEqualTo("[\"N\"]");

        Choices.choose(page, "Ask something more", "touch balls");
        Locator one = demands.getByRole(AriaRole.CHECKBOX).first();
        one.click();
        assertThat(one).not().isChecked();
        assertThat(demands.getByRole(AriaRole.STATUS)).containsText("Choose at least one ball");
        one.click();
        assertThat(one).isChecked();
        assertThat(bench.saved()).containsText("Saved");
    }

    private static JsonNode zone(BenchPage bench) throws Exception {
        return bench.live().at("/shot/zone");
    }

    @Test
    void aFileIsSavedLookedThroughAndTakenByAnotherCoach(@TempDir Path folder) throws Exception {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.newDrill(page);
        bench.rename("<b>Travelling</b> drill");
        assertThat(bench.saved()).containsText("Saved");
        page.navigate("/drills/" + bench.drillId());
        Download download =
                page.waitForDownload(() -> page.getByText("Save as a file").click());
        Path file = folder.resolve("drill.json");
        download.saveAs(file);

        Page other = signedIn("tomas", 1280, 800);
        other.navigate("/drills");
        other.getByText("Import", new Page.GetByTextOptions().setExact(true)).click();
        other.locator("input[type=file]").setInputFiles(file);
        assertThat(other.getByText("new, becomes your own")).isVisible();
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take 1 drill"))
                .click();
        assertThat(other.getByText("1 drill taken.")).isVisible();
        other.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Close").setExact(true))
                .last()
                .click();
        assertThat(other.getByText("<b>Travelling</b> drill")).isVisible();

        Files.writeString(file, Files.readString(file).replace("\"pot-ball\"", "\"pot-bull\""));
        other.getByText("Import", new Page.GetByTextOptions().setExact(true)).click();
        other.locator("input[type=file]").setInputFiles(file);
        assertThat(other.getByText("This file cannot be taken:")).isVisible();
        assertThat(other.getByText("Nothing was changed.")).isVisible();
    }

    @Test
    void favouritesAndFoldersNarrowTheLibrary() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/drills");
        page.getByText("New folder").click();
        page.getByLabel("Name of the folder").fill("Tuesday group");
        page.keyboard().press("Enter");
        page.getByLabel("Favourite: Two walls", new Page.GetByLabelOptions().setExact(true))
                .click();
        var card = page.locator("article")
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Two in order"));
        card.getByText("Folders").click();
        card.getByLabel("Tuesday group").check();
        page.reload();
        page.getByRole(AriaRole.COMBOBOX).first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("favourites"))
                .click();
        assertThat(page.locator("article")).hasCount(1);
        assertThat(page.locator("article")).containsText("Two walls");
        page.getByRole(AriaRole.COMBOBOX).first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("folder: Tuesday group"))
                .click();
        assertThat(page.locator("article")).hasCount(1);
        assertThat(page.locator("article")).containsText("Two in order");
    }

    @Test
    void aShippedDrillIsCopiedBeforeItIsChanged() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/drills/two-walls");
        page.getByText("Copy to my own and change it").click();
        page.waitForURL("**/bench");
        new BenchPage(page).answered();
        assertThat(new BenchPage(page).title()).hasValue("Two walls (copy)");
        page.getByText("Done", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("Archive").click();
        assertThat(page.getByText("is in the archive now")).isVisible();
        page.getByText("Bring it back").click();
        assertThat(page.getByText("Share with the club")).isVisible();
    }

    /** The shot that is added takes up where the first one ends: its ball is gone, the cue ball lies on the target, another ball is to be pocketed. */
    @Test
    void aPatternGoesOnWithAnotherBall() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        BenchPage bench = BenchPage.copyOf(page, "roll-on-to-the-ring");
        page.getByText("Add a shot to the pattern").click();
        bench.answered();
        assertThat(bench.ball("1")).hasCount(0);
        assertThat(bench.ball("2")).isVisible();
        // The ring's middle at the first station.
        assertThat(bench.place("cue")[0]).isCloseTo(1746, within(1.0));
        assertThat(bench.place("cue")[1]).isCloseTo(1016, within(1.0));
        assertThat(bench.problems()).not().containsText("everything is set up anew");
        assertThat(bench.saved()).containsText("Saved");
    }
}
