package amberrail.app.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.sql.Savepoint;
import java.sql.Statement;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javax.sql.DataSource;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Two who write, each in the turn of theirs, and one who reads. */
class WriterTurnTest {
    private static final int HANGS_SECONDS = 30;
    private static final String RAISE = "update place set changes = changes + 1 where id = 1";

    private final ExecutorService other = Executors.newSingleThreadExecutor();
    private DataSource database;
    private Connection first;

    @BeforeEach
    void aDatabase() throws SQLException {
        database = inTurn(Duration.ofSeconds(HANGS_SECONDS));
        first = open();
        try (Statement sql = first.createStatement()) {
            sql.execute("create table place (id int primary key, changes int not null)");
            sql.execute("insert into place values (1, 0), (2, 0)");
        }
        first.commit();
    }

    private static DataSource inTurn(Duration longestWait) {
        JdbcDataSource h2 = new JdbcDataSource();
        h2.setURL("jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1");
        return InTurnDatabase.inTurn(h2, new WriterTurn(longestWait));
    }

    @AfterEach
    void end() throws SQLException {
        other.shutdownNow();
        first.close();
    }

    private Connection open() throws SQLException {
        Connection connection = database.getConnection();
        connection.setAutoCommit(false);
        return connection;
    }

    private static void execute(Connection connection, String text) throws SQLException {
        try (PreparedStatement sql = connection.prepareStatement(text)) {
            sql.execute();
        }
    }

    private static int changes(Connection connection) throws SQLException {
        try (PreparedStatement sql = connection.prepareStatement("select sum(changes) from place");
                ResultSet row = sql.executeQuery()) {
            row.next();
            return row.getInt(1);
        }
    }

    /** Somebody who writes another row, in a transaction of their own. */
    private Future<?> another(String text) {
        return other.submit(() -> {
            try (Connection second = open()) {
                execute(second, text);
                second.commit();
            }
            return null;
        });
    }

    private Future<?> another() {
        return another("update place set changes = changes + 1 where id = 2");
    }

    private static void requireWaiting(Future<?> one) {
        assertThatThrownBy(() -> one.get(200, TimeUnit.MILLISECONDS)).isInstanceOf(TimeoutException.class);
    }

    /** Though they write other rows, for which H2 itself would let nobody wait. */
    private Future<?> waitingBehindTheFirst() throws SQLException {
        execute(first, RAISE);
        Future<?> second = another();
        requireWaiting(second);
        return second;
    }

    private static void requireDone(Future<?> one) throws Exception {
        one.get(HANGS_SECONDS, TimeUnit.SECONDS);
    }

    @Test
    void whoWritesWaitsUntilTheOneBeforeHasCommitted() throws Exception {
        Future<?> second = waitingBehindTheFirst();
        first.commit();
        requireDone(second);
        assertThat(changes(first)).isEqualTo(2);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "insert into place values (3, 1)",
                "  MERGE INTO place KEY (id) VALUES (2, 1)",
                "delete from place where id = 2",
                "select changes from place where id = 2 for update",
                "SELECT changes FROM place\nWHERE id = 2 FOR UPDATE",
                "create table another (id int)"
            })
    void everyKindOfWriteWaits(String text) throws Exception {
        execute(first, RAISE);
        Future<?> second = another(text);
        requireWaiting(second);
        first.commit();
        requireDone(second);
    }

    @Test
    void whoReadsWaitsForNobody() throws Exception {
        execute(first, RAISE);
        Future<Integer> reader = other.submit(() -> {
            try (Connection second = open()) {
                return changes(second);
            }
        });
        assertThat(reader.get(HANGS_SECONDS, TimeUnit.SECONDS)).isZero();
    }

    @Test
    void whoHasOnlyReadLetsOthersWrite() throws Exception {
        assertThat(changes(first)).isZero();
        requireDone(another());
    }

    @Test
    void whatIsTakenBackLetsTheNextIn() throws Exception {
        execute(first, RAISE);
        Savepoint before = first.setSavepoint();
        execute(first, RAISE);
        Future<?> second = another();
        first.rollback(before);
        requireWaiting(second);
        first.rollback();
        requireDone(second);
        assertThat(changes(first)).isEqualTo(1);
    }

    @Test
    void whatIsClosedInTheMiddleLetsTheNextIn() throws Exception {
        Connection left = open();
        execute(left, RAISE);
        Future<?> second = another();
        requireWaiting(second);
        left.close();
        requireDone(second);
    }

    @Test
    void withoutATransactionTheTurnEndsWithTheConnection() throws Exception {
        try (Connection alone = database.getConnection()) {
            execute(alone, RAISE);
            requireWaiting(another());
        }
        requireDone(another());
        assertThat(changes(first)).isEqualTo(3);
    }

    @Test
    void beingSetBackToNoTransactionEndsTheTurn() throws Exception {
        execute(first, RAISE);
        first.setAutoCommit(true);
        requireDone(another());
    }

    @Test
    void aStatementThatGetsItsTextLaterWaits() throws Exception {
        execute(first, RAISE);
        Future<?> second = other.submit(() -> {
            try (Connection own = open();
                    Statement sql = own.createStatement()) {
                sql.executeQuery("select * from place").close();
                sql.executeUpdate("update place set changes = 7 where id = 2");
                own.commit();
            }
            return null;
        });
        requireWaiting(second);
        first.commit();
        requireDone(second);
    }

    /** One transaction within another, as a sign-in that is ended while a password is changed. */
    @Test
    void whoWritesMayWriteWithinInAnother() throws Exception {
        execute(first, RAISE);
        try (Connection within = open()) {
            execute(within, "update place set changes = 5 where id = 2");
            within.commit();
        }
        Future<?> second = another();
        requireWaiting(second);
        first.commit();
        requireDone(second);
        assertThat(changes(first)).isEqualTo(7);
    }

    /** What was refused was no write, but the turn is theirs until they say that they have ended. */
    @Test
    void aWriteThatFailsKeepsTheTurnUntilTheEnd() throws Exception {
        assertThatThrownBy(() -> execute(first, "insert into place values (1, 0)"))
                .isInstanceOf(SQLException.class);
        Future<?> second = another();
        requireWaiting(second);
        first.rollback();
        requireDone(second);
    }

    @Test
    void afterTheLongestWaitTheDatabaseIsSaidNotToAnswer() throws Exception {
        database = inTurn(Duration.ofMillis(50));
        try (Connection slow = open()) {
            execute(slow, "create table place (id int primary key, changes int not null)");
            assertThatThrownBy(() -> requireDone(another("insert into place values (1, 0)")))
                    .hasCauseInstanceOf(SQLTransientConnectionException.class);
            slow.commit();
        }
        requireDone(another("insert into place values (1, 0)"));
    }

    @Test
    void whoeverIsToldToStopWhileWaitingHasNotWritten() throws Exception {
        Future<?> second = waitingBehindTheFirst();
        second.cancel(true);
        first.commit();
        requireDone(another(RAISE));
        assertThat(changes(first)).isEqualTo(2);
    }
}
