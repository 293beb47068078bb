package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.support.StaticListableBeanFactory;

class AfterTheStartTest {
    private final List<String> done = new ArrayList<>();

    @Test
    void whatFailsKeepsNothingElseFromBeingDone() {
        StaticListableBeanFactory beans = new StaticListableBeanFactory();
        beans.addBean("one", (LaterWork) () -> done.add("one"));
        beans.addBean("broken", (LaterWork) () -> {
            done.add("broken");
            throw new IllegalStateException("no disk");
        });
        beans.addBean("other", (LaterWork) () -> done.add("other"));
        new AfterTheStart(beans.getBeanProvider(LaterWork.class)).doAll();
        assertThat(done).containsExactlyInAnyOrder("one", "broken", "other");
    }
}
