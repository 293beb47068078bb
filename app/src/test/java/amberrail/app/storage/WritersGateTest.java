package amberrail.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.app.testing.AppTest;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Those who write side by side, and one who goes alone. */
class WritersGateTest extends AppTest {
    private static final int HANGS_SECONDS = 30;
    /** The database refuses to begin with it. */
    private static final TransactionDefinition UNKNOWN_ISOLATION = new TransactionDefinition() {
        @Override
        public int getIsolationLevel() {
            return 99;
        }
    };

    @Autowired
    WritersGate gate;

    @Autowired
    PlatformTransactionManager transactions;

    private final ExecutorService others = Executors.newFixedThreadPool(3);
    private final List<String> order = Collections.synchronizedList(new ArrayList<>());

    @AfterEach
    void end() {
        others.shutdownNow();
    }

    private TransactionTemplate transaction(boolean readOnly) {
        TransactionTemplate template = new TransactionTemplate(transactions);
        template.setReadOnly(readOnly);
        return template;
    }

    private static void await(CountDownLatch latch) {
        try {
            assertThat(latch.await(HANGS_SECONDS, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void requireStillWaiting(Future<?> one) {
        assertThatThrownBy(() -> one.get(200, TimeUnit.MILLISECONDS)).isInstanceOf(TimeoutException.class);
    }

    /** Somebody writes until {@code end}. */
    private Future<?> writer(CountDownLatch writing, CountDownLatch end) {
        return others.submit(() -> transaction(false).executeWithoutResult(begun -> {
            writing.countDown();
            await(end);
            order.add("writer");
        }));
    }

    private Future<?> alone(CountDownLatch begun, CountDownLatch end) {
        return others.submit(() -> gate.alone(() -> {
            begun.countDown();
            await(end);
            order.add("alone");
        }));
    }

    private Future<?> isWriting(CountDownLatch end) {
        CountDownLatch writing = new CountDownLatch(1);
        Future<?> writer = writer(writing, end);
        await(writing);
        return writer;
    }

    private Future<?> isAlone(CountDownLatch end) {
        CountDownLatch begun = new CountDownLatch(1);
        Future<?> alone = alone(begun, end);
        await(begun);
        return alone;
    }

    /** The database's own foreign keys do not see what is not committed: this is what the gate is for. */
    @Test
    void whoeverGoesAloneWaitsForThoseWhoWriteAndKeepsTheNextOut() throws Exception {
        CountDownLatch writing = new CountDownLatch(2);
        CountDownLatch endWriting = new CountDownLatch(1);
        CountDownLatch isAlone = new CountDownLatch(1);
        CountDownLatch endAlone = new CountDownLatch(1);
        Future<?> one = writer(writing, endWriting);
        Future<?> two = writer(writing, endWriting);
        await(writing);
        Future<?> alone = alone(isAlone, endAlone);
        requireStillWaiting(alone);
        endWriting.countDown();
        one.get(HANGS_SECONDS, TimeUnit.SECONDS);
        two.get(HANGS_SECONDS, TimeUnit.SECONDS);
        await(isAlone);
        Future<?> next = writer(new CountDownLatch(1), endWriting);
        requireStillWaiting(next);
        endAlone.countDown();
        next.get(HANGS_SECONDS, TimeUnit.SECONDS);
        assertThat(order).containsExactly("writer", "writer", "alone", "writer");
    }

    @Test
    void whoOnlyReadsWaitsForNobody() throws Exception {
        CountDownLatch endAlone = new CountDownLatch(1);
        Future<?> alone = isAlone(endAlone);
        others.submit(() -> transaction(true).executeWithoutResult(begun -> order.add("reader")))
                .get(HANGS_SECONDS, TimeUnit.SECONDS);
        endAlone.countDown();
        alone.get(HANGS_SECONDS, TimeUnit.SECONDS);
        assertThat(order).containsExactly("reader", "alone");
    }

    /** A transaction within one that writes does not wait for somebody who waits for the outer one: nobody would ever go on. */
    @Test
    void whoIsInMayGoInAgainThoughSomebodyWaitsToGoAlone() throws Exception {
        CountDownLatch waits = new CountDownLatch(1);
        TransactionTemplate within = transaction(false);
        within.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        CountDownLatch writing = new CountDownLatch(1);
        Future<?> writer = others.submit(() -> transaction(false).executeWithoutResult(begun -> {
            writing.countDown();
            await(waits);
            within.executeWithoutResult(inner -> order.add("inner"));
            order.add("outer");
        }));
        await(writing);
        Future<?> alone = others.submit(() -> gate.alone(() -> order.add("alone")));
        requireStillWaiting(alone);
        waits.countDown();
        writer.get(HANGS_SECONDS, TimeUnit.SECONDS);
        alone.get(HANGS_SECONDS, TimeUnit.SECONDS);
        assertThat(order).containsExactly("inner", "outer", "alone");
    }

    /** What goes wrong in or before a transaction leaves nobody in: the next who wants to be alone would wait for ever. */
    @Test
    void whatFailsLeavesTheGateFree() throws Exception {
        assertThatThrownBy(() -> transaction(false).executeWithoutResult(begun -> {
                    throw new IllegalArgumentException("rolled back");
                }))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> transactions.getTransaction(UNKNOWN_ISOLATION)).isInstanceOf(RuntimeException.class);
        assertThatThrownBy(() -> gate.alone(() -> {
                    throw new IllegalStateException("broken off");
                }))
                .hasMessage("broken off");
        others.submit(() -> gate.alone(() -> order.add("alone"))).get(HANGS_SECONDS, TimeUnit.SECONDS);
        others.submit(() -> transaction(false).executeWithoutResult(begun -> order.add("writer")))
                .get(HANGS_SECONDS, TimeUnit.SECONDS);
        assertThat(order).containsExactly("alone", "writer");
    }

    @Test
    void whoeverIsInThemselvesIsRefusedAndNotLeftWaiting() {
        transaction(false)
                .executeWithoutResult(begun -> assertThatThrownBy(() -> gate.alone(() -> order.add("never")))
                        .isInstanceOf(IllegalStateException.class));
        assertThat(order).isEmpty();
    }

    @Test
    void whoeverIsToldToStopWhileWaitingHasDoneNothing() throws Exception {
        CountDownLatch end = new CountDownLatch(1);
        Future<?> writer = isWriting(end);
        Thread waiting = new Thread(() -> {
            try {
                gate.alone(() -> order.add("never"));
            } catch (WritersGate.NotAlone stopped) {
                order.add("stopped, " + Thread.currentThread().isInterrupted());
            }
        });
        waiting.start();
        waiting.interrupt();
        waiting.join(TimeUnit.SECONDS.toMillis(HANGS_SECONDS));
        end.countDown();
        writer.get(HANGS_SECONDS, TimeUnit.SECONDS);
        assertThat(order).containsExactly("stopped, true", "writer");
    }
}
