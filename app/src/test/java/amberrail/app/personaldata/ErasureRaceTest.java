package amberrail.app.personaldata;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.people.SignedIn;
import amberrail.app.storage.ForeignKeys;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
import java.sql.Connection;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Somebody goes while their phone is still sending and others are looking: nothing about them comes after. */
class ErasureRaceTest extends AppTest {
    private static final int DEVICES = 4;

    @Autowired
    DataSource database;

    @Autowired
    JdbcClient sql;

    @ParameterizedTest
    @ValueSource(strings = {"ERASE", "NAMELESS"})
    void whatTheirDevicesSendMeanwhileLeavesNothingBehind(String way) throws Exception {
        SignedIn coach = club.newCoach();
        for (int round = 0; round < 4; round++) {
            SignedIn student = club.newStudentOf(coach);
            String session = beginSession(coach, student);
            ExecutorService devices = Executors.newFixedThreadPool(DEVICES);
            CountDownLatch underWay = new CountDownLatch(DEVICES * 3);
            List<Future<Integer>> ends = new ArrayList<>();
            for (int device = 0; device < DEVICES; device++) {
                long first = 1000L * device;
                ends.add(devices.submit(() -> sendUntilRefused(coach, student, session, first, underWay)));
            }
            assertThat(underWay.await(30, TimeUnit.SECONDS))
                    .as("devices are sending")
                    .isTrue();
            int answered = post(
                            coach,
                            Map.of("way", way, "now", true, "password", Club.PASSWORD),
                            "/api/v1/people/{id}/erasure",
                            student.accountId())
                    .andReturn()
                    .getResponse()
                    .getStatus();
            for (Future<Integer> end : ends) {
                assertThat(end.get(60, TimeUnit.SECONDS)).as("the refusal").isEqualTo(404);
            }
            devices.shutdown();
            assertThat(answered).isEqualTo(204);
            String all = String.join("\n", sql.sql("script").query(String.class).list());
            assertThat(all.contains(student.accountId().toString())).isFalse();
        }
        try (Connection connection = database.getConnection()) {
            assertThat(ForeignKeys.broken(connection)).isEmpty();
        }
    }

    private int sendUntilRefused(SignedIn coach, SignedIn student, String session, long first, CountDownLatch underWay)
            throws Exception {
        for (long sequence = first; ; sequence++) {
            int status = put(
                            sequence % 2 == 0 ? coach : student,
                            Club.potted(sequence, 900, 500),
                            "/api/v1/sessions/{s}/attempts/{id}",
                            session,
                            UUID.randomUUID())
                    .andReturn()
                    .getResponse()
                    .getStatus();
            underWay.countDown();
            if (status != 200 && status != 409) {
                return status;
            }
        }
    }
}
