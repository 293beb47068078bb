package amberrail.app.testing;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The watch that all tests of the application stand behind does watch. */
class WritesInTransactionsTest extends AppTest {
    @Autowired
    PastTheGate past;

    @Test
    void whatGoesPastTheGateFails() {
        UUID account = club.newCoach().accountId();
        assertThatThrownBy(() -> past.withoutATransaction(account))
                .hasMessageContaining("written without a transaction");
        assertThatThrownBy(() -> past.whereOnlyReadingWasSaid(account))
                .hasMessageContaining("written where only reading was said");
        assertThatCode(() -> past.asItShouldBe(account)).doesNotThrowAnyException();
    }
}
