package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.classic.spi.ThrowableProxyUtil;
import ch.qos.logback.core.read.ListAppender;
import java.sql.SQLException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;

class FaultsTest {
    private static final String PERSONAL = "Ana's knee hurts";
    private final Logger logger = (Logger) LoggerFactory.getLogger(Faults.class);
    private final ListAppender<ILoggingEvent> heard = new ListAppender<>();

    @BeforeEach
    void listen() {
        heard.start();
        logger.addAppender(heard);
    }

    @AfterEach
    void stop() {
        logger.detachAppender(heard);
    }

    private String logged() {
        StringBuilder all = new StringBuilder();
        heard.list.forEach(event -> all.append(event.getFormattedMessage())
                .append(
                        event.getThrowableProxy() == null
                                ? ""
                                : ThrowableProxyUtil.asString(event.getThrowableProxy())));
        return all.toString();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/v1/invitations/",
                "/invitation/",
                "/api/v1/shared-reports/",
                "/shared/",
                "/api/v1/calendar-feeds/"
            })
    void whatPeopleWroteAndLinksTokensAreNotLogged(String link) {
        Exception fault = new DataIntegrityViolationException(
                "insert into attempt values ('" + PERSONAL + "')", new SQLException(PERSONAL, "22003", 22003));
        Faults.Answer answer = Faults.of(fault, "POST", link + "sEcReT-token.ics", false);
        assertThat(answer.status()).isEqualTo(HttpStatus.INTERNAL_SERVER_ERROR);
        assertThat(answer.sentence()).doesNotContain(PERSONAL);
        assertThat(logged())
                .contains("DataIntegrityViolationException")
                .contains("22003")
                .contains("FaultsTest")
                .doesNotContain(PERSONAL)
                .doesNotContain("sEcReT");
    }

    @Test
    void aDatabaseThatIsClosedIsAwayAndOnAFullDiskThatIsSaid() {
        SQLException closed = new SQLException("closed", "90098", 90098);
        assertThat(Faults.of(new IllegalStateException(closed), "PUT", "/a", false)
                        .status())
                .isEqualTo(HttpStatus.SERVICE_UNAVAILABLE);
        Faults.Answer full = Faults.of(new IllegalStateException(closed), "PUT", "/a", true);
        assertThat(full.status()).isEqualTo(HttpStatus.INSUFFICIENT_STORAGE);
        assertThat(full.sentence()).contains("almost full").contains("stays on your device");
    }

    @Test
    void aLostRaceIsNoFault() {
        assertThat(Races.isLost(new DataIntegrityViolationException("x", new SQLException("dup", "23505", 23505))))
                .isTrue();
        assertThat(Races.isLost(new DataIntegrityViolationException("x", new SQLException("long", "22001", 22001))))
                .isFalse();
    }
}
