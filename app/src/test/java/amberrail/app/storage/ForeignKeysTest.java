package amberrail.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ForeignKeysTest {
    private static Connection database() throws SQLException {
        Connection connection = DriverManager.getConnection("jdbc:h2:mem:");
        try (Statement sql = connection.createStatement()) {
            sql.execute("create table person (id int primary key)");
            sql.execute("create table shot (id int primary key, by_whom int not null references person,"
                    + " noted_by int references person)");
            sql.execute("create table place (a int, b int, primary key (a, b))");
            sql.execute("create table mark (id int primary key, a int, b int, foreign key (a, b) references place)");
            sql.execute("insert into person values (1), (2)");
            sql.execute("insert into place values (1, 2)");
            sql.execute("insert into shot values (1, 1, null), (2, 2, 1)");
            sql.execute("insert into mark values (1, 1, 2)");
        }
        return connection;
    }

    @Test
    void whatIsWholeHasNothingBroken() throws Exception {
        try (Connection connection = database()) {
            assertThat(ForeignKeys.broken(connection)).isEmpty();
        }
    }

    @Test
    void eachColumnThatRefersToNothingIsToldWithItsRows() throws Exception {
        try (Connection connection = database();
                Statement sql = connection.createStatement()) {
            sql.execute("set referential_integrity false");
            sql.execute("insert into shot values (3, 7, 8), (4, 7, null), (5, 1, 2)");
            assertThat(ForeignKeys.broken(connection)).isEqualTo(Map.of("shot.by_whom", 2L, "shot.noted_by", 1L));
        }
    }

    /** What the gate is for (decision 28): the day H2 holds them itself, this test says so. */
    @Test
    void theDatabaseItselfLetsARowStayWhoseParentGoesAtTheSameMoment() throws Exception {
        String url = "jdbc:h2:mem:same-moment;DB_CLOSE_DELAY=-1;LOCK_TIMEOUT=500";
        try (Connection erasing = DriverManager.getConnection(url);
                Connection recording = DriverManager.getConnection(url);
                Statement erase = erasing.createStatement();
                Statement record = recording.createStatement()) {
            erase.execute("create table person (id int primary key)");
            erase.execute("create table shot (id int primary key, by_whom int not null references person)");
            erase.execute("insert into person values (1)");
            erasing.setAutoCommit(false);
            recording.setAutoCommit(false);
            erase.execute("select id from person where id = 1 for update");
            erase.execute("delete from shot where by_whom = 1");
            record.execute("insert into shot values (1, 1)");
            erase.execute("delete from person where id = 1");
            erasing.commit();
            recording.commit();
            assertThat(ForeignKeys.broken(erasing)).isEqualTo(Map.of("shot.by_whom", 1L));
            erase.execute("shutdown");
        }
    }
}
