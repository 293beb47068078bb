package amberrail.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** What the student on the rail works towards in one skill, on the page of their goals. */
public record GoalLine(Page page, Locator line) {
    private static final String NONE = "no goal";

    public static GoalLine of(Page page, String skill) {
        return new GoalLine(
                page,
                page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName(skill).setExact(true)));
    }

    public Locator grade() {
        return line.getByRole(AriaRole.COMBOBOX).nth(1);
    }

    public Locator day() {
        return line.getByLabel("By");
    }

    /** A grade to be reached by so many days from today; not saved yet. */
    public void set(String grade, int days) {
        Choices.choose(page, grade(), grade);
        day().fill(TypedDay.daysFromToday(days));
        page.keyboard().press("Enter");
        page.keyboard().press("Escape");
    }

    public void remove() {
        Choices.choose(page, grade(), NONE);
    }
}
