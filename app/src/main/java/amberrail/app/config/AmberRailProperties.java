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
 * @param signIn             throttling of sign-in attempts
 * @param largestBody        largest request body that is read
 * @param largestImport      the same for a file that is imported
 * @param demoWeeks          of practice that the demo club has behind it, at most twelve
 */
@Validated
@ConfigurationProperties("amber")
public record AmberRailProperties(
        @NotNull Path data,
        @NotNull Duration invitationValidFor,
        @NotNull SignIn signIn,
        @NotNull DataSize largestBody,
        @NotNull DataSize largestImport,
        @Min(1) @Max(12) int demoWeeks) {

    /** {@code attempts} sign-ins per name and address in every {@code per}. */
    public record SignIn(@Min(1) int attempts, @NotNull Duration per) {}
}
