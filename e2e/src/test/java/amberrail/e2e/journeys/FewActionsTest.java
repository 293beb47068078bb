package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.pages.RecordingPage;
import amberrail.e2e.support.Journey;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How many taps the usual ways take, counted: chalky fingers have no patience. And nothing may move under them. */
class FewActionsTest extends Journey {
    @Override
    protected boolean sharesServer() {
        return true;
    }

    /** Counts every tap. */
    private static final class Taps {
        private int taps;

        void on(Locator what) {
            what.click();
            taps++;
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** Today, the first thing to practise, the cloth: at most five taps after the sign-in. */
    @Test
    void aStudentOnAPhoneRecordsTheFirstShot() {
        Page page = signedIn("wren", 390, 844);
        Taps taps = new Taps();
        taps.on(page.locator(".go.main").first());
        page.waitForURL("**/table/**");
        RecordingPage table = new RecordingPage(page);
        int before = table.marks().count();
        table.tap(1500, 700);
        taps.taps++;
        assertThat(table.marks()).hasCount(before + 1);
        assertThat(taps.taps).isLessThanOrEqualTo(5);
    }

    /** A lesson of three: at most seven taps from Today to the table. */
    @Test
    void aLessonOfThreeBegins() {
        Page page = signedIn("iris", 1280, 800);
        Taps taps = new Taps();
        taps.on(page.getByText("Begin a session of several").first());
        // The names stand on the page before, too.
        page.waitForURL("**/table/begin*");
        for (String name : List.of("Jory Pell", "Odo Brandt", "Sabela Quint")) {
            taps.on(page.getByText(name).first());
        }
        taps.on(page.locator(".p-multiselect").first());
        taps.on(page.getByRole(AriaRole.OPTION).first());
        page.keyboard().press("Escape");
        taps.on(page.locator("form button[type=submit]"));
        page.waitForURL("**/table/**");
        new RecordingPage(page);
        assertThat(taps.taps).isLessThanOrEqualTo(7);
    }

    /**
     * Layout shift as browsers measure it, while twenty shots are recorded and while the main pages come up: at most 0.02 each, so that a tap never lands
     * on something that has just moved there.
     */
    @Test
    void nothingMovesUnderTheFinger() {
        Page page = signedIn("iris", 1280, 800);
        page.addInitScript("window.shift = 0; new PerformanceObserver(list => list.getEntries()"
                + ".forEach(one => { if (!one.hadRecentInput) window.shift += one.value; }))"
                + ".observe({ type: 'layout-shift', buffered: true })");
        page.navigate("/today");
        RecordingPage table = RecordingPage.start(page, "Odo Brandt");
        page.waitForTimeout(1500);
        page.evaluate("window.shift = 0");
        for (int i = 0; i < 20; i++) {
            table.tap(420 + 40 * i, 300);
        }
        assertThat(table.sync()).hasText("Everything saved");
        assertThat(shift(page)).as("while recording").isLessThanOrEqualTo(0.02);
    }

    private static double shift(Page page) {
        return ((Number) page.evaluate("window.shift")).doubleValue();
    }
}
