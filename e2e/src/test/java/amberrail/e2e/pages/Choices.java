package amberrail.e2e.pages;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;

/** A list of choices, opened and chosen from as a person does. */
public final class Choices {
    private Choices() {}

    /** In the list with exactly this label the line with exactly these words. */
    public static void choose(Page page, String label, String words) {
        choose(
                page,
                page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName(label).setExact(true)),
                words);
    }

    public static void choose(Page page, Locator list, String words) {
        list.click();
        Locator choice = page.getByRole(
                AriaRole.OPTION, new Page.GetByRoleOptions().setName(words).setExact(true));
        choice.click();
        // A list that is still closing has the same choices as one that is opened next.
        choice.waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    }
}
