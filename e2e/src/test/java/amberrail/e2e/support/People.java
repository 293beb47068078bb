package amberrail.e2e.support;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Signing in as somebody of the demo club. */
public final class People {
    public static final String PASSWORD = "lantern-street";

    /** By server and name. */
    private static final Map<String, List<Cookie>> SIGNED_IN = new HashMap<>();

    private People() {}

    /** Signed in as on a device that was left so, where a journey signed in with that name before and the server still knows of it; else signs in. */
    static void comeBack(Page page, Server server, String name) {
        BrowserContext context = page.context();
        List<Cookie> known = SIGNED_IN.get(server.url() + " " + name);
        if (known != null) {
            context.addCookies(known);
            if (context.request().get("/api/v1/me").ok()) {
                page.navigate("/today");
                // Only then does it listen to keys.
                page.locator("h1").first().waitFor();
                return;
            }
            context.clearCookies();
        }
        signIn(page, name);
        SIGNED_IN.put(server.url() + " " + name, context.cookies());
    }

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
