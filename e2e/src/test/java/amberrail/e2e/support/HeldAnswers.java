package amberrail.e2e.support;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;

/** Questions of a page that wait until a journey lets them through: an answer may come after those to later questions. */
public final class HeldAnswers {
    private final Page page;
    private final List<Route> held = new ArrayList<>();
    private boolean holding = true;

    /** Holds from now on whatever is asked there. */
    public HeldAnswers(Page page, String method, String pathPattern) {
        this.page = page;
        page.route(url -> url.replaceAll("\\?.*", "").matches(".*/api/v1" + pathPattern), route -> {
            if (holding && route.request().method().equals(method)) {
                held.add(route);
            } else {
                route.resume();
            }
        });
    }

    /** Until so many have been asked. */
    public HeldAnswers await(int questions) {
        page.waitForCondition(() -> held.size() >= questions);
        return this;
    }

    /** What is asked from now on goes through; what was asked before waits on. */
    public HeldAnswers onlyThese() {
        holding = false;
        return this;
    }

    /** Lets them through, the last one first, each answered and taken by the page before the next. */
    public void releaseBackwards() {
        onlyThese();
        for (int i = held.size() - 1; i >= 0; i--) {
            Route one = held.get(i);
            page.waitForResponse(response -> response.request().equals(one.request()), one::resume);
            // The page has what came, and has drawn what it made of it.
            page.evaluate("() => new Promise(done => setTimeout(() => requestAnimationFrame(() => done()), 50))");
        }
        held.clear();
    }
}
