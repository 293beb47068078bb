package amberrail.app.testing;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** Stands between the application and its database and is told of every prepared statement that is about to be executed, in whatever way it was asked. */
abstract class WatchedDatabase implements BeanPostProcessor {
    /** @param connection on which it is executed */
    protected abstract void executing(Connection connection, String text) throws SQLException;

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof DataSource source ? watched(source) : bean;
    }

    private DataSource watched(DataSource source) {
        return proxy(DataSource.class, source, (method, arguments) -> {
            Object result = call(source, method, arguments);
            return result instanceof Connection connection ? watched(connection) : result;
        });
    }

    private Connection watched(Connection connection) {
        return proxy(Connection.class, connection, (method, arguments) -> {
            Object result = call(connection, method, arguments);
            return result instanceof PreparedStatement statement && arguments != null
                    ? watched(connection, statement, (String) arguments[0])
                    : result;
        });
    }

    private PreparedStatement watched(Connection connection, PreparedStatement statement, String text) {
        return proxy(PreparedStatement.class, statement, (method, arguments) -> {
            if (method.getName().startsWith("execute")) {
                executing(connection, text);
            }
            return call(statement, method, arguments);
        });
    }

    private interface Handler {
        Object handle(Method method, Object[] arguments) throws Throwable;
    }

    private static <T> T proxy(Class<T> type, T inner, Handler handler) {
        return type.cast(Proxy.newProxyInstance(
                type.getClassLoader(),
                new Class<?>[] {type},
                (proxy, method, arguments) -> handler.handle(method, arguments)));
    }

    private static Object call(Object inner, Method method, Object[] arguments) throws Throwable {
        try {
            return method.invoke(inner, arguments);
        } catch (InvocationTargetException e) {
            throw e.getCause();
        }
    }
}
