package amberrail.e2e.support;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Signing in as somebody of the demo club. */
public final class People {
    public static final String PASSWORD = "lantern-street";

    private People() {}

    public static void signIn(Page page, String name) {
        page.navigate("/sign-in");
        fillIn(page, name, PASSWORD);
        page.waitForURL("**/today");
    }

    public static void fillIn(Page page, String name, String password) {
        page.getByLabel("Sign-in name").fill(name);
        page.getByLabel("Password").fill(password);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Sign in").setExact(true))
                .click();
    }
}
