package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A person's own account: the password, where they are signed in, what others did with their sign-in. */
class OwnAccountTest extends Journey {
    @Override
    protected boolean sharesServer() {
        return true;
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void aPhoneThatWasLostIsSignedOutFromTheTablet() {
        Page phone = browser.open(server, 390, 844);
        People.signIn(phone, "wren");
        Page tablet = browser.open(server, 1024, 768);
        People.signIn(tablet, "wren");
        tablet.navigate("/settings");
        assertThat(tablet.getByText("Where you are signed in")).isVisible();
        assertThat(tablet.getByText("this one")).hasCount(1);
        Locator others = tablet.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("End the sign-in on"));
        // The club's server is shared: Wren may be signed in from another journey too, so all others are ended.
        assertThat(others).not().hasCount(0);
        for (int left = others.count(); left > 0; left--) {
            others.first().click();
            assertThat(others).hasCount(left - 1);
        }
        phone.reload();
        phone.waitForURL("**/sign-in**");
    }

    @Test
    void anotherPasswordIsRefusedAtItsFieldOrTaken() {
        Page page = signedIn("ines", 1280, 800);
        page.navigate("/settings");
        page.getByLabel("Present password").fill(People.PASSWORD);
        page.getByLabel("New password").fill("password12");
        button(page, "Change password").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("easy to guess");
        page.getByLabel("New password").fill("tin owl river lamp");
        button(page, "Change password").click();
        assertThat(page.getByText("Your other sign-ins have ended")).isVisible();
        Page again = browser.open(server, 1280, 800);
        again.navigate("/sign-in");
        People.fillIn(again, "ines", People.PASSWORD);
        assertThat(again.getByRole(AriaRole.ALERT)).containsText("do not belong together");
        People.fillIn(again, "ines", "tin owl river lamp");
        again.waitForURL("**/today");
        // Somebody changed the password: its owner reads it once.
        assertThat(again.getByText("Your password was changed on")).isVisible();
        button(again, "I have read this").click();
        assertThat(again.getByText("Your password was changed on")).isHidden();
    }
}
