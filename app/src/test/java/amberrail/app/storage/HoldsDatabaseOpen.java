package amberrail.app.storage;

import java.sql.Connection;
import java.sql.DriverManager;

/** Another process that has a database open until it is stopped. */
final class HoldsDatabaseOpen {
    private HoldsDatabaseOpen() {}

    public static void main(String[] arguments) throws Exception {
        try (Connection connection =
                DriverManager.getConnection(arguments[0], DatabaseUrl.USER, DatabaseUrl.PASSWORD)) {
            System.out.println(connection.isValid(1) ? "open" : "broken");
            Thread.sleep(60_000);
        }
    }
}
