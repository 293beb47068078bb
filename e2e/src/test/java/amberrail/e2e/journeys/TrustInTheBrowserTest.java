package amberrail.e2e.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.support.Journey;
import amberrail.e2e.support.People;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.security.GeneralSecurityException;
import java.time.Instant;
import java.util.Locale;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.junit.jupiter.api.Test;

/** Who may see what, as people decide it themselves: codes at the sign-in, a report by link, a new coach, a minor's name, and who looked. */
class TrustInTheBrowserTest extends Journey {
    private static final int STEP_SECONDS = 30;

    @Override
    protected boolean sharesServer() {
        return true;
    }

    private static void choose(Page page, String label, String option) {
        page.getByRole(
                        AriaRole.COMBOBOX,
                        new Page.GetByRoleOptions().setName(label).setExact(true))
                .click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
    }

    private static String idOf(Page page, String student) {
        return (String) page.evaluate(
                "name => fetch('/api/v1/students').then(all => all.json()).then(all => all.find(one => one.name === name).id)",
                student);
    }

    /** As an authenticator app works it out (RFC 6238), with nothing of ours. */
    private static String code(String secret, long step) throws GeneralSecurityException {
        String bits = secret.chars()
                .mapToObj(letter -> Integer.toBinaryString(32 | "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567".indexOf(letter))
                        .substring(1))
                .reduce("", String::concat);
        byte[] key = new byte[bits.length() / 8];
        for (int i = 0; i < key.length; i++) {
            key[i] = (byte) Integer.parseInt(bits.substring(8 * i, 8 * i + 8), 2);
        }
        Mac mac = Mac.getInstance("HmacSHA1");
        mac.init(new SecretKeySpec(key, "HmacSHA1"));
        byte[] hash = mac.doFinal(ByteBuffer.allocate(8).putLong(step).array());
        int from = hash[hash.length - 1] & 15;
        int number = ByteBuffer.wrap(hash, from, 4).getInt() & Integer.MAX_VALUE;
        return String.format(Locale.ROOT, "%06d", number % 1_000_000);
    }

    @Test
    void whoeverWantsSignsInWithACodeToo() throws Exception {
        Page page = signedIn("nela", 1280, 800);
        page.navigate("/settings");
        Locator part = page.locator("section")
                .filter(new Locator.FilterOptions().setHas(page.getByText("Code at the sign-in")));
        part.getByLabel("Your password").fill(People.PASSWORD);
        press(page, "Ask for a code too");
        String secret = part.locator("code").textContent();
        assertThat(part.locator("img")).isVisible();
        long step = Instant.now().getEpochSecond() / STEP_SECONDS;
        part.getByLabel("Code").fill(code(secret, step));
        press(page, "Turn it on");
        assertThat(part.locator(".codes li")).hasCount(10);

        Page other = browser.open(server, 1280, 800);
        other.navigate("/sign-in");
        other.getByLabel("Sign-in name").fill("nela");
        other.getByLabel("Password").fill(People.PASSWORD);
        press(other, "Sign in");
        assertThat(other.getByRole(AriaRole.ALERT)).containsText("six digits");
        other.getByLabel("Code").fill("000000");
        press(other, "Sign in");
        assertThat(other.getByRole(AriaRole.ALERT)).containsText("that is not it");
        other.getByLabel("Code").fill(code(secret, step + 1));
        press(other, "Sign in");
        other.waitForURL("**/today");

        press(page, "I have kept them");
        part.getByLabel("Your password").fill(People.PASSWORD);
        press(page, "Turn it off");
        assertThat(part.getByText("Only the password is asked for.")).isVisible();
    }

    @Test
    void aReportIsReadByALinkUntilItIsEnded() throws Exception {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/progress?student=" + idOf(page, "Jory Pell"));
        press(page, "Make a link");
        String address = page.locator(".once code").textContent();
        Page stranger = browser.open(server, 1280, 800);
        stranger.navigate(address);
        assertThat(stranger.locator("h1")).hasText("A practice report");
        byte[] pdf = Files.readAllBytes(stranger.waitForDownload(
                        () -> stranger.getByText("Open the report").click())
                .path());
        assertThat(new String(pdf, 0, 5)).isEqualTo("%PDF-");
        page.getByText("End", new Page.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(page.getByText("Make a link")).isVisible();
        assertThat(page.locator(".once")).hasCount(0);
        stranger.reload();
        assertThat(stranger.getByText("it may have ended")).isVisible();
    }

    @Test
    void aStudentGoesToAnotherCoachAndComesBack() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/people");
        openFold(page, "Hand over a student");
        choose(page, "Student", "Sabela Quint");
        choose(page, "To", "Tomas Arden");
        press(page, "Hand over");
        assertThat(page.getByText("Sabela Quint: from Iris Fenwick to Tomas Arden"))
                .isVisible();
        press(page, "Undo the hand-over of Sabela Quint");
        assertThat(page.getByText("Sabela Quint: from Iris Fenwick to Tomas Arden"))
                .hasCount(0);
        assertThat(page.locator("tr").filter(new Locator.FilterOptions().setHasText("Sabela Quint")))
                .containsText("Iris Fenwick");
    }

    @Test
    void aMinorIsANicknameUntilSomebodyConsents() {
        Page page = signedIn("iris", 1280, 800);
        page.navigate("/settings");
        choose(page, "What is asked about age", "Whether somebody is a minor");
        page.locator("section")
                .filter(new Locator.FilterOptions().setHas(page.getByText("Minors and consent")))
                .getByText("Save", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByText("Saved.")).isVisible();
        page.navigate("/people");
        page.getByLabel("Student's name").fill("Casimir Holloway");
        press(page, "Add a student");
        page.getByLabel("What we keep about Casimir Holloway").click();
        openFold(page, "Name, age and consent");
        page.getByText("Minor", new Page.GetByTextOptions().setExact(true)).click();
        press(page, "Save the age");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Nickname: must be one word");
        page.getByLabel("Nickname").fill("Kestrel");
        press(page, "Save the age");
        assertThat(page.locator("h1")).hasText("What we keep about Kestrel");
        page.getByLabel("Given by").fill("Ada Holloway");
        press(page, "Note the consent");
        assertThat(page.getByText("given by Ada Holloway")).isVisible();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Casimir Holloway");
        press(page, "Save the name");
        assertThat(page.locator("h1")).hasText("What we keep about Casimir Holloway");
    }

    @Test
    void aStudentReadsWhoLooked() {
        Page coach = signedIn("iris", 1280, 800);
        String student = idOf(coach, "Tamsin Vale");
        coach.navigate("/progress?student=" + student);
        coach.locator(".stations").waitFor();
        Page page = signedIn("tamsin", 390, 844);
        page.navigate("/people/" + student + "/data");
        assertThat(page.locator("section")
                        .filter(new Locator.FilterOptions().setHasText("Who looked at it"))
                        .locator("tr")
                        .filter(new Locator.FilterOptions().setHasText("saw progress")))
                .containsText("Iris Fenwick");
    }
}
