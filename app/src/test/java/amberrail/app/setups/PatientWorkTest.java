package amberrail.app.setups;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;

import amberrail.app.web.Busy;
import amberrail.core.setup.SetUp;
import amberrail.core.setup.WorkedSetUp;
import java.time.Duration;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

/** Work that nobody waits for must not fail because the worker had other things to do for half a minute. */
class PatientWorkTest {
    private final WorkedSetUp answer = mock(WorkedSetUp.class);
    private final AtomicInteger asked = new AtomicInteger();

    /** Busy for so many questions. */
    private SetUps busyFor(int questions) {
        return new SetUps(null, null) {
            @Override
            public WorkedSetUp of(SetUp setUp) {
                if (asked.getAndIncrement() < questions) {
                    throw new Busy(Duration.ofSeconds(3));
                }
                return answer;
            }
        };
    }

    @Test
    void itAsksAgainUntilThereIsAnAnswer() {
        assertThat(busyFor(2).patiently(null, () -> false)).isSameAs(answer);
        assertThat(asked).hasValue(3);
    }

    @Test
    void stoppedItAsksNoMore() {
        SetUps busy = busyFor(Integer.MAX_VALUE);
        assertThatThrownBy(() -> busy.patiently(null, () -> asked.get() >= 2))
                .isInstanceOf(CancellationException.class);
        assertThat(asked).hasValue(2);
    }

    @Test
    void aServerThatStopsIsNotHeldUp() {
        Thread.currentThread().interrupt();
        SetUps busy = busyFor(Integer.MAX_VALUE);
        assertThatThrownBy(() -> busy.patiently(null, () -> false)).isInstanceOf(CancellationException.class);
        assertThat(Thread.interrupted()).isTrue();
    }
}
