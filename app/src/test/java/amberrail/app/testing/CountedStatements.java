package amberrail.app.testing;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** Stands between the application and its database and writes down every statement that is executed, in whatever way it was asked. */
public class CountedStatements implements BeanPostProcessor {
    private final List<Executed> executed = Collections.synchronizedList(new ArrayList<>());

    private record Executed(Thread by, String text) {}

    /** Those of this thread since the last call: requests are answered on it, and what the server does beside them is not theirs. */
    public List<String> taken() {
        synchronized (executed) {
            List<String> all = executed.stream()
                    .filter(one -> one.by() == Thread.currentThread())
                    .map(Executed::text)
                    .toList();
            executed.clear();
            return all;
        }
    }

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
                    ? watched(statement, (String) arguments[0])
                    : result;
        });
    }

    private PreparedStatement watched(PreparedStatement statement, String text) {
        return proxy(PreparedStatement.class, statement, (method, arguments) -> {
            if (method.getName().startsWith("execute")) {
                executed.add(new Executed(Thread.currentThread(), text));
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
