package amberrail.e2e.pages;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Whom the pages are about, chosen by keyboard as a coach does. */
public final class StudentOnTheRail {
    private StudentOnTheRail() {}

    /** The first whose name begins so. */
    public static void choose(Page page, String typed) {
        ask(page, typed);
        assertThat(page.locator("nav.rail .who").first()).containsText(typed);
    }

    /** The same, whether or not the page then lets its student go. */
    public static void ask(Page page, String typed) {
        page.keyboard().press("k");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Choose a student"))
                .fill(typed);
        page.getByRole(AriaRole.OPTION).first().waitFor();
        page.keyboard().press("Enter");
    }
}
