package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.method.HandlerMethod;

class CostlyQuestionsTest {
    private static final int MANY = 40;

    /** Two endpoints, one of them costly. */
    static final class Endpoints {
        @Costly
        public void costly() {}

        public void cheap() {}
    }

    private final CostlyQuestions questions = new CostlyQuestions();
    private final HandlerMethod costly = handler("costly");
    private final HandlerMethod cheap = handler("cheap");

    private static HandlerMethod handler(String name) {
        try {
            return new HandlerMethod(new Endpoints(), Endpoints.class.getMethod(name));
        } catch (NoSuchMethodException e) {
            throw new IllegalStateException(e);
        }
    }

    private boolean enter(MockHttpServletRequest request, HandlerMethod handler) throws InterruptedException {
        return questions.preHandle(request, new MockHttpServletResponse(), handler);
    }

    private void leave(MockHttpServletRequest request, HandlerMethod handler) {
        questions.afterCompletion(request, new MockHttpServletResponse(), handler, null);
    }

    @Test
    void fewRunSomeWaitAndTheOthersAreToldToComeBack() throws Exception {
        CountDownLatch done = new CountDownLatch(1);
        ExecutorService pool = Executors.newFixedThreadPool(MANY);
        List<Future<Boolean>> asked = new ArrayList<>();
        for (int i = 0; i < MANY; i++) {
            asked.add(pool.submit(() -> {
                MockHttpServletRequest request = new MockHttpServletRequest();
                try {
                    enter(request, costly);
                } catch (Busy busy) {
                    return false;
                }
                done.await(30, TimeUnit.SECONDS);
                leave(request, costly);
                return true;
            }));
        }
        // Whoever is refused is refused at once; the others come to their turn when the first let go.
        while (asked.stream().filter(Future::isDone).count() == 0) {
            Thread.sleep(5);
        }
        done.countDown();
        int refused = 0;
        for (Future<Boolean> one : asked) {
            refused += one.get(60, TimeUnit.SECONDS) ? 0 : 1;
        }
        pool.shutdown();
        assertThat(refused).isBetween(1, MANY - 2);
        MockHttpServletRequest after = new MockHttpServletRequest();
        assertThat(enter(after, costly)).as("every place was given back").isTrue();
        leave(after, costly);
    }

    @Test
    void whatIsCheapNeverWaits() throws Exception {
        List<MockHttpServletRequest> inside = new ArrayList<>();
        for (int i = 0; i < MANY; i++) {
            MockHttpServletRequest request = new MockHttpServletRequest();
            assertThat(enter(request, cheap)).isTrue();
            inside.add(request);
        }
        inside.forEach(request -> leave(request, cheap));
    }

    @Test
    void busySaysWhenToComeBack() {
        assertThatThrownBy(() -> {
                    throw new Busy(java.time.Duration.ofSeconds(3));
                })
                .hasMessageContaining("recording goes on");
    }
}
