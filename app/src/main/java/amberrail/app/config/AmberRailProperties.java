package amberrail.app.config;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.nio.file.Path;
import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.util.unit.DataSize;
import org.springframework.validation.annotation.Validated;

/**
 * Everything that can be set.
 *
 * @param data               folder that holds all data
 * @param invitationValidFor how long a one-time link works
 * @param largestBody        largest request body that is read
 * @param largestImport      the same for a file that is imported
 * @param waitForBodies      whether bodies are awaited without a worker; a test that has no real container says no
 * @param demoWeeks          of practice that the demo club has behind it, at most twelve
 */
@Validated
@ConfigurationProperties("amber")
public record AmberRailProperties(
        @NotNull Path data,
        @NotNull Duration invitationValidFor,
        @NotNull DataSize largestBody,
        @NotNull DataSize largestImport,
        boolean waitForBodies,
        @Min(1) @Max(12) int demoWeeks) {}
