package amberrail.app.installation;

import amberrail.app.people.Access;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.web.ChangesNothing;
import amberrail.app.web.Costly;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import javax.sql.DataSource;
import org.springframework.core.io.InputStreamResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The whole installation as a file, for the head coach. */
@RestController
class InstallationController {
    private final DataSource database;
    private final Access access;
    private final PeopleService people;
    private final Clock clock;

    InstallationController(DataSource database, Access access, PeopleService people, Clock clock) {
        this.database = database;
        this.access = access;
        this.people = people;
        this.clock = clock;
    }

    /** @param password of whoever asks */
    record ExportBody(@NotNull @Size(max = 800) String password) {}

    /** Written whole into a file first, so that a download is never half an installation; the file goes as it is read. */
    @Costly
    @ChangesNothing
    @PostMapping(path = "/api/v1/installation-file", produces = "application/zip")
    ResponseEntity<InputStreamResource> export(
            @AuthenticationPrincipal SignedIn who, @Valid @RequestBody ExportBody body)
            throws IOException, SQLException {
        access.requireHeadCoach(who);
        people.requirePassword(who, body.password());
        Path whole = Files.createTempFile("amber-rail-installation", ".zip");
        try (Connection connection = database.getConnection();
                OutputStream out = Files.newOutputStream(whole)) {
            InstallationZip.write(connection, Instant.now(clock).truncatedTo(ChronoUnit.SECONDS), out);
        } catch (IOException | SQLException | RuntimeException broken) {
            Files.delete(whole);
            throw broken;
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .contentLength(Files.size(whole))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("amber-rail-installation.zip")
                                .build()
                                .toString())
                .body(new InputStreamResource(Files.newInputStream(whole, StandardOpenOption.DELETE_ON_CLOSE)));
    }
}
