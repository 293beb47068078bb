package amberrail.app.config;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
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
 * @param backup             where backups go
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
        @DefaultValue BackupProperties backup,
        @Min(1) @Max(12) int demoWeeks) {

    /**
     * Where backups go. Plain texts: what nobody has set is empty.
     *
     * @param folder         empty: {@code backups} in the data folder
     * @param passphraseFile its first line encrypts them; empty: they are not encrypted
     */
    public record BackupProperties(
            @DefaultValue("") String folder,
            @DefaultValue("") String passphraseFile) {
        public Optional<Path> place() {
            return folder.isEmpty() ? Optional.empty() : Optional.of(Path.of(folder));
        }

        public Optional<Path> passphrase() {
            return passphraseFile.isEmpty() ? Optional.empty() : Optional.of(Path.of(passphraseFile));
        }
    }
}
