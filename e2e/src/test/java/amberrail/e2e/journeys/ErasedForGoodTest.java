package amberrail.e2e.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.support.Server;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whoever was erased is not in the files either, once the server has been started again: searched as bytes, not as rows. */
class ErasedForGoodTest {
    private static final String NAME = "Zebedee Quillfeather-Northwood";
    private static final String NOTE = "shuts the left eye at impact";

    @TempDir
    Path folder;

    @Test
    void nameNotesAndIdAreInNoFileAfterTheNextStart() throws Exception {
        Path data = folder.resolve("data");
        try (Server server = Server.start(data)) {
            ApiClient coach = ApiClient.ofNewClub(server);
            String student = coach.addStudent(NAME);
            String session = practised(coach, student);
            List<String> personal = List.of(NAME, NOTE, student, session);
            server.stop();
            // Ids stand in the file as sixteen bytes.
            assertThat(found(data, List.of(NAME, NOTE))).containsExactlyInAnyOrder(NAME, NOTE);
            assertThat(foundIds(data, student, session)).isEqualTo(2);
            server.restart();
            coach.signIn(ApiClient.HEAD);
            coach.eraseNow(student);
            server.stop();
            server.restart();
            coach.signIn(ApiClient.HEAD);
            assertThat(coach.send("GET", "/api/v1/students", null)).isEmpty();
            server.stop();
            assertThat(found(data, personal)).isEmpty();
            assertThat(foundIds(data, student, session)).isZero();
            assertThat(server.log()).doesNotContain(NAME, NOTE);
        }
    }

    private static String practised(ApiClient coach, String student) throws Exception {
        String id = coach.beginSession(student, true);
        UUID attempt = UUID.randomUUID();
        coach.send(
                "PUT",
                "/api/v1/sessions/" + id + "/attempts/" + attempt,
                "{\"revision\":0,\"deleted\":false,\"studentId\":\"" + student
                        + "\",\"station\":0,\"mirrored\":false,\"tryId\":\"" + attempt
                        + "\",\"shot\":0,\"sequence\":0,\"deviceId\":\"api\",\"outcome\":\"POTTED_CLEAN\",\"foul\":false,\"inOff\":false,"
                        + "\"note\":\"" + NOTE + "\",\"playedAt\":\"" + Instant.now() + "\"}");
        coach.send("PUT", "/api/v1/sessions/" + id + "/note", "{\"note\":\"" + NOTE + "\"}");
        return id;
    }

    /** Which of these texts stand in any file of the folder. */
    private static List<String> found(Path data, List<String> texts) throws Exception {
        String all = bytes(data);
        return texts.stream()
                .filter(text ->
                        all.contains(new String(text.getBytes(StandardCharsets.UTF_8), StandardCharsets.ISO_8859_1)))
                .toList();
    }

    private static long foundIds(Path data, String... ids) throws Exception {
        String all = bytes(data);
        return Stream.of(ids)
                .filter(id -> all.contains(raw(UUID.fromString(id))))
                .count();
    }

    private static String raw(UUID id) {
        byte[] bytes = ByteBuffer.allocate(16)
                .putLong(id.getMostSignificantBits())
                .putLong(id.getLeastSignificantBits())
                .array();
        return new String(bytes, StandardCharsets.ISO_8859_1);
    }

    /** One character a byte. */
    private static String bytes(Path data) throws Exception {
        StringBuilder all = new StringBuilder();
        try (Stream<Path> files = Files.walk(data)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                all.append(Files.readString(file, StandardCharsets.ISO_8859_1));
            }
        }
        return all.toString();
    }
}
