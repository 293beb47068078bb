package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.testing.AppTest;
import jakarta.persistence.EntityManagerFactory;
import jakarta.servlet.Filter;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.config.ConfigurableListableBeanFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.AnnotationUtils;
import org.springframework.data.repository.Repository;

/** What is made before the first answer hangs on no repository: whatever does waits for Hibernate and all its queries, which doubles the start. */
class QuickStartTest extends AppTest {
    @Autowired
    ConfigurableListableBeanFactory beans;

    @Test
    void nothingThatIsMadeAtTheStartHangsOnARepository() {
        Map<String, String> reachedFrom = new HashMap<>();
        Deque<String> open = new ArrayDeque<>();
        for (String name : beans.getBeanDefinitionNames()) {
            Class<?> type = beans.getType(name, false);
            boolean early = !beans.getBeanDefinition(name).isLazyInit()
                    && type != null
                    && type.getName().startsWith("amberrail.");
            if (early || type != null && (Filter.class.isAssignableFrom(type) || hearsOfTheStart(type))) {
                reachedFrom.put(name, "");
                open.add(name);
            }
        }
        assertThat(open).as("made at the start").contains("tokenFilter", "trailKeeper", "dueErasures", "afterTheStart");
        while (!open.isEmpty()) {
            String one = open.remove();
            for (String needed : beans.getDependenciesForBean(one)) {
                if (reachedFrom.putIfAbsent(needed, one) == null) {
                    open.add(needed);
                }
            }
        }
        TreeSet<String> chains = new TreeSet<>();
        for (String name : reachedFrom.keySet()) {
            if (beans.containsBean(name)
                    && (beans.isTypeMatch(name, Repository.class)
                            || beans.isTypeMatch(name, EntityManagerFactory.class))) {
                String chain = name;
                for (String by = reachedFrom.get(name); !by.isEmpty(); by = reachedFrom.get(by)) {
                    chain = by + " -> " + chain;
                }
                chains.add(chain);
            }
        }
        assertThat(chains).isEmpty();
    }

    /** Whoever does is made on the thread that starts, before the first answer. */
    private static boolean hearsOfTheStart(Class<?> type) {
        return type.getName().startsWith("amberrail.")
                && Arrays.stream(type.getDeclaredMethods()).anyMatch(method -> {
                    EventListener heard = AnnotationUtils.findAnnotation(method, EventListener.class);
                    return heard != null
                            && (Arrays.asList(heard.classes()).contains(ApplicationReadyEvent.class)
                                    || Arrays.asList(method.getParameterTypes()).contains(ApplicationReadyEvent.class));
                });
    }
}
