package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import amberrail.e2e.pages.GoalLine;
import amberrail.e2e.pages.StudentOnTheRail;
import amberrail.e2e.pages.TypedDay;
import amberrail.e2e.support.HeldAnswers;
import amberrail.e2e.support.Journey;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** On a slow network an older answer comes after a newer one, and somebody works on meanwhile: the page shows the newest, and what was typed stays. */
class AnswersThatComeLateTest extends Journey {
    private static final String NOT_SAVED = "Not saved yet.";
    private static final String ID = "[0-9a-f-]{36}";

    @Override
    protected boolean sharesServer() {
        return true;
    }

    private static void type(Page page, String label, String value) {
        type(page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)), value);
    }

    private static void type(Locator field, String value) {
        field.fill(value);
        field.press("Tab");
    }

    private static Locator saved(Page page) {
        return page.getByText("Saved.", new Page.GetByTextOptions().setExact(true));
    }

    private static Locator weeks(Page page) {
        return page.locator("ol.weeks > li");
    }

    private static void planThisWeek(Page page) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Plan this week"))
                .first()
                .click();
    }

    private static Locator plans(Page page) {
        return weeks(page).first().locator(".plans li");
    }

    private Page newBlock(String student) {
        Page page = signedIn("iris", 1280, 900);
        StudentOnTheRail.choose(page, student);
        page.navigate("/plan/blocks/new");
        assertThat(weeks(page)).hasCount(4);
        return page;
    }

    private Page goalsOf(String student) {
        Page page = signedIn("iris", 1280, 900);
        StudentOnTheRail.choose(page, student);
        page.navigate("/plan/goals");
        GoalLine.of(page, "draw").line().waitFor();
        return page;
    }

    private static void archive(Page page) {
        press(page, "Archive");
        page.waitForURL(Pattern.compile(".*/plan(\\?.*)?$"));
    }

    @Test
    void aWeeksPlansStayWhenTheBlockItselfComesLate() {
        Page page = newBlock("Wren");
        HeldAnswers block = new HeldAnswers(page, "GET", "/blocks/" + ID);
        press(page, "Save");
        page.waitForURL(Pattern.compile(".*/plan/blocks/" + ID));
        planThisWeek(page);
        assertThat(plans(page)).not().hasCount(0);
        block.releaseBackwards();
        assertThat(plans(page)).not().hasCount(0);
        archive(page);
    }

    @Test
    void theWeeksShownAreThoseOfWhatIsWantedNow() {
        Page page = newBlock("Wren");
        HeldAnswers previews = new HeldAnswers(page, "POST", "/block-previews");
        type(page, "Minutes a day", "90");
        previews.await(1);
        type(page, "Minutes a day", "40");
        previews.await(2).releaseBackwards();
        assertThat(weeks(page).first()).containsText("2 days of 40 minutes each");
    }

    @Test
    void whatIsTypedWhileABlockIsSavedIsStillToBeSaved() {
        Page page = newBlock("Wren");
        press(page, "Save");
        page.waitForURL(Pattern.compile(".*/plan/blocks/" + ID));
        assertThat(saved(page)).isVisible();
        type(page, "Minutes a day", "40");
        assertThat(page.getByText(NOT_SAVED)).isVisible();
        HeldAnswers writes = new HeldAnswers(page, "PUT", "/blocks/" + ID);
        press(page, "Save");
        writes.await(1);
        type(page, "Name", "For the league");
        writes.releaseBackwards();
        assertThat(page.getByText(NOT_SAVED)).isVisible();
        press(page, "Save");
        assertThat(saved(page)).isVisible();
        page.reload();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("For the league");
        assertThat(weeks(page).first()).containsText("2 days of 40 minutes each");
        archive(page);
    }

    @Test
    void ofTwoWindowsTheSecondMayShowTheFirstOnesBlockOrKeepItsOwn() {
        Page one = newBlock("Wren");
        press(one, "Save");
        one.waitForURL(Pattern.compile(".*/plan/blocks/" + ID));
        Page other = one.context().newPage();
        other.navigate(one.url());
        assertThat(weeks(other)).hasCount(4);
        planThisWeek(one);
        assertThat(plans(one)).not().hasCount(0);
        planThisWeek(other);
        assertThat(other.getByRole(AriaRole.ALERT)).containsText("This week has its plans already");
        assertThat(plans(other)).not().hasCount(0);

        type(one, "Minutes a day", "40");
        press(one, "Save");
        assertThat(saved(one)).isVisible();
        type(other, "Minutes a day", "90");
        press(other, "Save");
        assertThat(other.getByRole(AriaRole.ALERT)).containsText("Somebody else has changed this block");
        press(other, "Save mine instead");
        assertThat(saved(other)).isVisible();
        type(one, "Minutes a day", "50");
        press(one, "Save");
        press(one, "Show theirs");
        assertThat(saved(one)).isVisible();
        assertThat(weeks(one).first()).containsText("2 days of 90 minutes each");
        archive(other);
    }

    @Test
    void aPlanIsPlannedForEveryWishAndRoundWhatWasDoneMeanwhile() {
        Page page = signedIn("iris", 1280, 900);
        StudentOnTheRail.choose(page, "Wren");
        page.navigate("/plan/new");
        Locator lines = page.locator("ol.lines > li");
        assertThat(lines).not().hasCount(0);
        HeldAnswers proposals = new HeldAnswers(page, "POST", "/plan-proposals");
        type(
                page.locator("main")
                        .getByLabel("Minutes", new Locator.GetByLabelOptions().setExact(true))
                        .first(),
                "30");
        proposals.await(1);
        page.getByLabel("End with a test").click();
        proposals.await(2);
        type(lines.first().getByLabel("Tries"), "7");
        type(page, "Name", "While it was planned");
        press(page, "Save");
        proposals.releaseBackwards();
        page.waitForURL(Pattern.compile(".*/plan/" + ID));
        assertThat(saved(page)).isVisible();
        page.reload();
        assertThat(page.locator("h1")).hasText("30 minutes for Wren Castellane");
        assertThat(page.getByLabel("End with a test")).isChecked();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("While it was planned");
        assertThat(lines.first().getByLabel("Tries")).hasValue("7");
        archive(page);
    }

    @Test
    void goalsOfTheStudentBeforeNeverStandUnderTheNextOnesName() {
        Page page = goalsOf("Wren");
        GoalLine draw = GoalLine.of(page, "draw");
        draw.set("900", 20);
        press(page, "Save");
        assertThat(saved(page)).isVisible();

        HeldAnswers goals = new HeldAnswers(page, "GET", "/students/" + ID + "/goals");
        page.reload();
        goals.await(1);
        StudentOnTheRail.choose(page, "Sab");
        goals.await(2).releaseBackwards();
        assertThat(page.locator("h1")).containsText("Sabela");
        assertThat(draw.grade()).hasText("no goal");

        StudentOnTheRail.choose(page, "Wren");
        assertThat(draw.grade()).hasText("900");
        draw.remove();
        press(page, "Save");
        assertThat(saved(page)).isVisible();
    }

    @Test
    void goalsThatAreChangedWhileOthersAreSavedAreStillToBeSaved() {
        Page page = goalsOf("Jory");
        GoalLine draw = GoalLine.of(page, "draw");
        GoalLine stun = GoalLine.of(page, "stun");
        draw.set("900", 20);
        HeldAnswers writes = new HeldAnswers(page, "PUT", "/students/" + ID + "/goals");
        press(page, "Save");
        writes.await(1);
        stun.set("850", 20);
        writes.releaseBackwards();
        assertThat(page.getByText(NOT_SAVED)).isVisible();
        assertThat(stun.grade()).hasText("850");
        press(page, "Save");
        assertThat(saved(page)).isVisible();
        page.reload();
        assertThat(stun.grade()).hasText("850");
        draw.remove();
        stun.remove();
        press(page, "Save");
        assertThat(saved(page)).isVisible();
    }

    @Test
    void moreOfAListThatIsFilteredMeanwhileIsNotAddedToIt() {
        Page page = signedIn("iris", 1280, 900);
        page.navigate("/review");
        Locator rows = page.locator("tbody tr");
        assertThat(rows).hasCount(30);
        HeldAnswers more = new HeldAnswers(page, "GET", "/sessions");
        press(page, "Show more");
        more.await(1).onlyThese();
        page.getByLabel("From").fill(TypedDay.daysFromToday(1));
        page.keyboard().press("Enter");
        assertThat(rows).hasCount(0);
        more.releaseBackwards();
        assertThat(rows).hasCount(0);
    }
}
