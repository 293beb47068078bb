package amberrail.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** A file was brought up to date before it was opened ({@link SafeMigration}): here it is only held to that. A database in memory is made here. */
@Configuration(proxyBeanMethods = false)
class MigrationConfig {
    @Bean
    FlywayMigrationStrategy migration(@Value("${amber.data}") String data) {
        return flyway -> {
            if (isFile(flyway)) {
                requireNewest(flyway.getConfiguration().getDataSource(), new DataFolder(Path.of(data)));
            } else {
                flyway.migrate();
            }
        };
    }

    private static boolean isFile(Flyway flyway) {
        try (Connection connection = flyway.getConfiguration().getDataSource().getConnection()) {
            return connection.getMetaData().getURL().startsWith("jdbc:h2:file:");
        } catch (SQLException e) {
            throw new UnopenedDatabaseException(Path.of("the database"), e);
        }
    }

    private static void requireNewest(DataSource source, DataFolder folder) {
        int newest = SchemaVersions.newest();
        int found = version(source);
        if (found > newest) {
            throw new NewerDataException();
        }
        if (found < newest) {
            forgetMarker(folder);
            throw new ExchangedDatabaseException();
        }
    }

    private static int version(DataSource source) {
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(
                        "select max(cast(\"version\" as integer)) from \"flyway_schema_history\" where \"success\"")) {
            row.next();
            return row.getInt(1);
        } catch (SQLException e) {
            throw new UnopenedDatabaseException(Path.of("the database"), e);
        }
    }

    private static void forgetMarker(DataFolder folder) {
        try {
            Files.deleteIfExists(folder.schemaMarker());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
