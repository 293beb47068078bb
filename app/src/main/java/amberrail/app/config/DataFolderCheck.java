package amberrail.app.config;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.env.EnvironmentPostProcessor;
import org.springframework.core.Ordered;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/** Makes the data folder and tries to write there, before anything else starts that would fail less clearly. */
class DataFolderCheck implements EnvironmentPostProcessor, Ordered {
    @Override
    public void postProcessEnvironment(ConfigurableEnvironment environment, SpringApplication application) {
        String url = environment.getProperty("spring.datasource.url", "");
        if (!url.startsWith("jdbc:h2:file:")) {
            return;
        }
        Path folder = Path.of(environment.getProperty("amber.data", "./amber-data"))
                .toAbsolutePath()
                .normalize();
        try {
            Files.createDirectories(folder);
            Path probe = Files.createTempFile(folder, "amber-write-check", null);
            Files.delete(probe);
            // H2 takes no relative path; nothing of the absolute one is written into the data.
            environment
                    .getPropertySources()
                    .addFirst(new MapPropertySource("amber-data-folder", Map.of("amber.data", folder.toString())));
        } catch (IOException e) {
            throw new DataFolderException(folder, e);
        }
    }

    /** After the configuration files have been read. */
    @Override
    public int getOrder() {
        return Ordered.LOWEST_PRECEDENCE;
    }
}
