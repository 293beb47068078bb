package amberrail.app.storage;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Locale;

/** A connection that waits for its {@link WriterTurn} before its first write, and keeps it until what it wrote is in the file or taken back. */
final class InTurnConnection implements InvocationHandler {
    /** How what only reads, or changes nothing but the connection, begins. */
    private static final List<String> READING = List.of("select", "with", "values", "explain", "show", "set session");

    private static final String HELD = "for update";

    private final Connection inner;
    private final WriterTurn turn;
    private boolean taken;

    private InTurnConnection(Connection inner, WriterTurn turn) {
        this.inner = inner;
        this.turn = turn;
    }

    static Connection of(Connection inner, WriterTurn turn) {
        return proxy(Connection.class, new InTurnConnection(inner, turn));
    }

    @Override
    public Object invoke(Object proxy, Method method, Object[] arguments) throws Throwable {
        return switch (method.getName()) {
            case "prepareStatement", "prepareCall" -> {
                takeFor((String) arguments[0]);
                yield call(inner, method, arguments);
            }
            case "createStatement" -> inTurn((Statement) call(inner, method, arguments));
            case "commit" -> {
                // Where that fails the turn is kept: what was written is taken back next, and that writes too.
                call(inner, method, arguments);
                giveBack();
                yield null;
            }
            case "rollback" -> {
                try {
                    yield call(inner, method, arguments);
                } finally {
                    // Back to a savepoint is not the end.
                    if (arguments == null) {
                        giveBack();
                    }
                }
            }
            case "setAutoCommit" -> {
                call(inner, method, arguments);
                if (Boolean.TRUE.equals(arguments[0])) {
                    giveBack();
                }
                yield null;
            }
            case "close", "abort" -> {
                try {
                    yield call(inner, method, arguments);
                } finally {
                    giveBack();
                }
            }
            default -> call(inner, method, arguments);
        };
    }

    /** A statement without a text yet. */
    private Statement inTurn(Statement statement) {
        return proxy(Statement.class, (proxy, method, arguments) -> {
            if (arguments != null && arguments[0] instanceof String text) {
                takeFor(text);
            }
            return call(statement, method, arguments);
        });
    }

    private void takeFor(String text) throws SQLException {
        if (!taken && writes(text)) {
            turn.take();
            taken = true;
        }
    }

    private void giveBack() {
        if (taken) {
            taken = false;
            turn.giveBack();
        }
    }

    /** Whatever is not known to read only; a row that is held is written, too. */
    private static boolean writes(String text) {
        String begun = text.stripLeading().toLowerCase(Locale.ROOT);
        return READING.stream().noneMatch(begun::startsWith) || begun.contains(HELD);
    }

    private static <T> T proxy(Class<T> type, InvocationHandler handler) {
        return type.cast(Proxy.newProxyInstance(type.getClassLoader(), new Class<?>[] {type}, handler));
    }

    private static Object call(Object inner, Method method, Object[] arguments) throws Throwable {
        try {
            return method.invoke(inner, arguments);
        } catch (InvocationTargetException e) {
            throw e.getCause();
        }
    }
}
