package amberrail.app.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.env.EnvironmentPostProcessor;
import org.springframework.core.Ordered;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/**
 * Before anything opens the database: the folder is there and can be written, nobody else can read it, a database that has vanished does not
 * become a new club, and an older one is brought up to date on a copy.
 */
class DataFolderCheck implements EnvironmentPostProcessor, Ordered {
    @Override
    public void postProcessEnvironment(ConfigurableEnvironment environment, SpringApplication application) {
        String url = environment.getProperty("spring.datasource.url", "");
        // While the jar is built, bean definitions are worked out and nothing is opened (decision 9).
        boolean building = Boolean.getBoolean("spring.aot.processing");
        if (building || !url.startsWith("jdbc:h2:file:")) {
            return;
        }
        DataFolder folder = new DataFolder(Path.of(environment.getProperty("amber.data", "./amber-data"))
                .toAbsolutePath()
                .normalize());
        try {
            Files.createDirectories(folder.path());
            Path probe = Files.createTempFile(folder.path(), "amber-write-check", null);
            Files.delete(probe);
            PutBack.ifWanted(folder);
            PutBack.dropOld(folder);
            requireDatabaseOrNothing(folder);
            Seal.open(folder);
            folder.ownersOnly();
        } catch (IOException e) {
            throw new DataFolderException(folder.path(), e);
        }
        new SafeMigration(folder).run();
        try {
            Compaction.runIfWanted(folder);
        } catch (IOException e) {
            throw new DataFolderException(folder.path(), e);
        }
        SpringApplication.getShutdownHandlers().add(() -> Seal.write(folder));
        // H2 takes no relative path; nothing of the absolute one is written into the data.
        environment
                .getPropertySources()
                .addFirst(new MapPropertySource(
                        "amber-data-folder",
                        Map.of("amber.data", folder.path().toString(), "amber.database-options", DatabaseUrl.OPTIONS)));
    }

    private static void requireDatabaseOrNothing(DataFolder folder) throws IOException {
        Path database = folder.database();
        boolean missing = Files.notExists(database);
        if (missing ? folder.wasUsed() : Files.size(database) == 0) {
            throw new VanishedDatabaseException(folder.path(), missing);
        }
    }

    /** After the configuration files have been read. */
    @Override
    public int getOrder() {
        return Ordered.LOWEST_PRECEDENCE;
    }
}
