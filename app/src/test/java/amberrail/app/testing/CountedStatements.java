package amberrail.app.testing;

import java.sql.Connection;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Writes down every statement that is executed. */
public class CountedStatements extends WatchedDatabase {
    private final List<Executed> executed = Collections.synchronizedList(new ArrayList<>());

    private record Executed(Thread by, String text) {}

    @Override
    protected void executing(Connection connection, String text) {
        executed.add(new Executed(Thread.currentThread(), text));
    }

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
}
