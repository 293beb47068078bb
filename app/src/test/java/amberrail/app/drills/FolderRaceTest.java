package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.storage.ForeignKeys;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A drill goes into a folder in one window while the folder goes in another. */
class FolderRaceTest extends AppTest {
    private static final int ROUNDS = 30;

    @Autowired
    DataSource database;

    @Test
    void noDrillIsLeftInAFolderThatIsGone() throws Exception {
        SignedIn coach = club.newCoach();
        ExecutorService windows = Executors.newFixedThreadPool(2);
        List<Integer> ends = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            String folder = tree(post(coach, Map.of("name", "Evening " + round), "/api/v1/folders"))
                    .get("id")
                    .asText();
            CyclicBarrier together = new CyclicBarrier(2);
            Future<Integer> in = windows.submit(at(
                    together,
                    () -> put(coach, Map.of(), "/api/v1/folders/{id}/drills/{d}", folder, Club.DRILL)
                            .andReturn()
                            .getResponse()
                            .getStatus()));
            Future<Integer> away = windows.submit(at(
                    together,
                    () -> mvc.perform(MockMvcRequestBuilders.delete("/api/v1/folders/{id}", folder)
                                    .with(SecurityMockMvcRequestPostProcessors.csrf())
                                    .with(Club.as(coach)))
                            .andReturn()
                            .getResponse()
                            .getStatus()));
            ends.add(in.get(30, TimeUnit.SECONDS));
            assertThat(away.get(30, TimeUnit.SECONDS)).isEqualTo(204);
        }
        windows.shutdown();
        // In before it went, or told that there is no such folder; never a failure of the server.
        assertThat(ends).allSatisfy(status -> assertThat(status).isIn(204, 404));
        try (Connection connection = database.getConnection()) {
            assertThat(ForeignKeys.broken(connection)).isEmpty();
        }
    }

    private static Callable<Integer> at(CyclicBarrier together, Callable<Integer> what) {
        return () -> {
            together.await(30, TimeUnit.SECONDS);
            return what.call();
        };
    }
}
