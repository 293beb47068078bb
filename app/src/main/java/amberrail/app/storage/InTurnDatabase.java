package amberrail.app.storage;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/** Stands between the application and its database, so that whoever writes does it in turn ({@link WriterTurn}), in whatever way it is said. */
final class InTurnDatabase implements BeanPostProcessor {
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(30);

    private final WriterTurn turn = new WriterTurn(LONGEST_WAIT);

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source ? inTurn(source, turn) : bean;
    }

    static DataSource inTurn(DataSource source, WriterTurn turn) {
        return new DelegatingDataSource(source) {
            @Override
            public Connection getConnection() throws SQLException {
                return InTurnConnection.of(super.getConnection(), turn);
            }

            @Override
            public Connection getConnection(String user, String password) throws SQLException {
                return InTurnConnection.of(super.getConnection(user, password), turn);
            }
        };
    }
}
