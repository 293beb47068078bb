package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.Choices;
import amberrail.e2e.pages.GoalLine;
import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.pages.StudentOnTheRail;
import amberrail.e2e.pages.TypedDay;
import amberrail.e2e.support.Journey;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A coach plans, the plan is played and ticks itself off, and two coaches do not lose each other's work. */
class PlanForAStudentTest extends Journey {

    @Override
    protected boolean sharesServer() {
        return true;
    }

    private static Locator lines(Page page) {
        return page.locator("ol.lines > li");
    }

    /** A plan of the student on the rail, with its proposal. */
    private static void newPlan(Page page, String title) {
        page.navigate("/plan/new");
        assertThat(lines(page)).not().hasCount(0);
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill(title);
        page.keyboard().press("Tab");
    }

    private static void saved(Page page) {
        key(page, "Save").click();
        page.waitForURL(Pattern.compile(".*/plan/[0-9a-f-]{36}"));
        assertThat(page.getByText("Saved.", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void aPlanIsMadeKeptPlayedAndTicksItselfOff() {
        Page page = signedIn("iris", 1280, 800);
        StudentOnTheRail.choose(page, "Jor");
        newPlan(page, "Half an hour");
        assertThat(page.locator("h1")).hasText("60 minutes for Jory Pell");
        assertThat(lines(page).first()).containsText("Warm-up");
        assertThat(lines(page).first()).containsText("% for Jory Pell");

        // What is kept stays when the rest is planned again for less time.
        String second = lines(page).nth(1).locator(".what a").textContent();
        lines(page)
                .nth(1)
                .getByText("Keep", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.locator("form").getByLabel("Minutes").fill("30");
        page.keyboard().press("Tab");
        assertThat(page.locator("h1")).hasText("30 minutes for Jory Pell");
        assertThat(lines(page).filter(new Locator.FilterOptions().setHasText(second)))
                .hasCount(1);
        key(page, "Undo").click();
        assertThat(page.locator("h1")).hasText("60 minutes for Jory Pell");

        // Only the first line, with two tries, today.
        while (lines(page).count() > 1) {
            int before = lines(page).count();
            lines(page).last().getByText("Remove").click();
            assertThat(lines(page)).hasCount(before - 1);
        }
        lines(page).first().getByLabel("Tries").fill("2");
        page.keyboard().press("Tab");
        page.getByLabel("Day", new Page.GetByLabelOptions().setExact(true)).fill(TypedDay.daysFromToday(0));
        page.keyboard().press("Enter");
        page.keyboard().press("Escape");
        saved(page);
        String plan = page.url();
        page.navigate("/today");
        assertThat(page.getByText("Planned for today")).isVisible();
        page.locator(".plans li")
                .filter(new Locator.FilterOptions().setHasText("Half an hour"))
                .getByText("Start")
                .click();
        page.waitForURL("**/table/*");
        RecordingPage table = new RecordingPage(page);
        Locator strip = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Plan: Half an hour"));
        assertThat(strip).containsText("2 tries left");
        table.tap(1500, 600);
        assertThat(strip).containsText("1 try left");
        table.tap(1400, 600);
        assertThat(strip).containsText("done");
        assertThat(page.getByText("Everything saved")).isVisible();
        page.navigate("/plan");
        Locator inList = page.locator("li").filter(new Locator.FilterOptions().setHasText("Half an hour"));
        assertThat(inList).containsText("all done");
        page.navigate(plan);
        key(page, "Archive").click();
        page.waitForURL("**/plan*");
        assertThat(inList).hasCount(0);
    }

    @Test
    void theStripCountsOnWithoutTheServer() {
        Page page = signedIn("iris", 1280, 800);
        StudentOnTheRail.choose(page, "Odo");
        newPlan(page, "Away");
        saved(page);
        key(page, "Start").click();
        page.waitForURL("**/table/*");
        RecordingPage table = new RecordingPage(page);
        Locator here = page.locator("nav[aria-label='Plan: Away'] button[aria-current=step]");
        int left = triesLeft(here);
        page.context().setOffline(true);
        table.tap(1500, 600);
        assertThat(here).containsText(left - 1 + " tries left");
        page.context().setOffline(false);
        assertThat(page.getByText("Everything saved")).isVisible();
        archive(page, "Away");
    }

    /** Two drills in turns, after each try: the strip says what is next, and the note which balls to move. */
    @Test
    void mixedPracticeSaysWhatIsNextAndWhatToMove() {
        Page page = signedIn("iris", 1280, 800);
        StudentOnTheRail.choose(page, "Sab");
        newPlan(page, "In turns");
        Choices.choose(page, "Order", "mixed: drills in turns");
        while (lines(page).count() > 2) {
            int before = lines(page).count();
            lines(page).last().getByText("Remove").click();
            assertThat(lines(page)).hasCount(before - 1);
        }
        saved(page);
        key(page, "Start").click();
        page.waitForURL("**/table/*");
        RecordingPage table = new RecordingPage(page);
        Locator strip = page.locator("nav[aria-label='Plan: In turns']");
        strip.getByText("changes after 3 tries").click();
        assertThat(strip).containsText("changes after each try");
        table.tap(1500, 600);
        Locator next = strip.locator("button.next");
        assertThat(next).hasCount(1);
        next.click();
        assertThat(page.locator("p.moves")).containsText("Move");
        table.tap(1500, 600);
        assertThat(page.locator("p.moves")).hasCount(0);
        assertThat(strip.locator("button.next")).hasCount(1);
        archive(page, "In turns");
    }

    private static int triesLeft(Locator line) {
        assertThat(line).containsText("tries left");
        return Integer.parseInt(line.textContent().replaceAll(".* (\\d+) tries left.*", "$1"));
    }

    private static void archive(Page page, String title) {
        page.navigate("/plan");
        page.locator("li a.title", new Page.LocatorOptions().setHasText(title))
                .first()
                .click();
        key(page, "Archive").click();
        page.waitForURL(Pattern.compile(".*/plan(\\?.*)?$"));
    }

    @Test
    void ofTwoWindowsTheSecondIsToldAndMayChoose() {
        Page one = signedIn("iris", 1280, 800);
        StudentOnTheRail.choose(one, "Tam");
        newPlan(one, "Two windows");
        saved(one);
        Page other = one.context().newPage();
        other.navigate(one.url());
        assertThat(lines(other)).not().hasCount(0);
        lines(one).first().getByLabel("Tries").fill("7");
        one.keyboard().press("Tab");
        saved(one);
        lines(other).first().getByLabel("Tries").fill("9");
        other.keyboard().press("Tab");
        key(other, "Save").click();
        assertThat(other.getByRole(AriaRole.ALERT)).containsText("Somebody else has changed this plan");
        key(other, "Save mine instead").click();
        assertThat(other.getByRole(AriaRole.ALERT)).hasCount(0);
        one.reload();
        assertThat(lines(one).first().getByLabel("Tries")).hasValue("9");
        archive(one, "Two windows");
    }

    @Test
    void aPatternIsUsedForSomebodyElse() {
        Page page = signedIn("iris", 1280, 800);
        StudentOnTheRail.choose(page, "Wren");
        newPlan(page, "Pattern of drills");
        List<String> drills = lines(page).locator(".what a").allTextContents();
        key(page, "Keep as a pattern").click();
        assertThat(page.getByText("Kept as a pattern.")).isVisible();
        page.onDialog(dialog -> dialog.accept());
        StudentOnTheRail.choose(page, "Sab");
        page.navigate("/plan");
        page.locator("li")
                .filter(new Locator.FilterOptions().setHasText("Pattern of drills"))
                .getByText("Use it")
                .click();
        assertThat(page.locator("h1")).hasText("60 minutes for Sabela Quint");
        assertThat(lines(page).first()).containsText("% for Sabela Quint");
        assertThat(lines(page).locator(".what a").allTextContents()).isEqualTo(drills);
        archive(page, "Pattern of drills");
    }

    private static GoalLine goalOfOdo(Page page) {
        StudentOnTheRail.choose(page, "Odo");
        page.navigate("/plan/goals");
        return GoalLine.of(page, "draw");
    }

    @Test
    void aGoalOutOfReachIsSaidToBe() {
        Page page = signedIn("iris", 1280, 800);
        GoalLine draw = goalOfOdo(page);
        draw.set("900", 20);
        press(page, "Save");
        // Six weeks of practice tell no rate yet; with a season behind it such a goal is called not realistic.
        assertThat(draw.line()).containsText(Pattern.compile("Not realistic|Too few results to say"));
        draw.remove();
        press(page, "Save");
        assertThat(draw.line()).not().containsText(Pattern.compile("Not realistic|Too few results"));
        assertThat(draw.day()).hasCount(0);
    }

    private static Locator saidOnTheRail(Page page) {
        return page.locator("nav.rail [role='status']");
    }

    private static void toDrills(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Drills"))
                .first()
                .click();
    }

    /** The rail must not say that everything is saved, and neither another page, another student nor the window's end takes it away without a word. */
    @Test
    void whatIsNotSavedYetIsToldAndAskedAbout() {
        Page page = signedIn("iris", 1280, 800);
        GoalLine draw = goalOfOdo(page);
        assertThat(saidOnTheRail(page)).hasText("Everything saved");
        draw.set("600", 60);
        assertThat(saidOnTheRail(page)).hasText("Not saved yet");
        List<String> asked = new ArrayList<>();
        AtomicBoolean leave = new AtomicBoolean(false);
        page.onDialog(dialog -> {
            asked.add(dialog.type());
            if (leave.get()) {
                dialog.accept();
            } else {
                dialog.dismiss();
            }
        });
        toDrills(page);
        StudentOnTheRail.ask(page, "Wren");
        page.close(new Page.CloseOptions().setRunBeforeUnload(true));
        page.waitForCondition(() -> asked.size() == 3);
        assertThat(asked).containsExactly("confirm", "confirm", "beforeunload");
        assertThat(page.locator("h1")).containsText("Odo");
        assertThat(page.locator("nav.rail .who").first()).containsText("Odo");
        assertThat(draw.grade()).containsText("600");
        leave.set(true);
        toDrills(page);
        page.waitForURL("**/drills**");
        assertThat(saidOnTheRail(page)).hasText("Everything saved");
        assertThat(goalOfOdo(page).grade()).containsText("no goal");
    }

    /** A student's own phone: what the coach has planned, and the one key. */
    @Test
    void aStudentStartsTheCoachesPlanOnAPhone() {
        Page coach = signedIn("iris", 1280, 800);
        StudentOnTheRail.choose(coach, "Odo");
        newPlan(coach, "For home");
        saved(coach);
        Page phone = signedIn("odo", 390, 844);
        phone.navigate("/plan");
        phone.getByText("For home").click();
        assertThat(phone.getByText("Your coach has made this plan.")).isVisible();
        assertThat(key(phone, "Save")).hasCount(0);
        assertThat((Boolean) phone.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .isTrue();
        key(phone, "Start").click();
        phone.waitForURL("**/table/*");
        assertThat(phone.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Plan: For home")))
                .isVisible();
        archive(coach, "For home");
    }
}
