package amberrail.e2e.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.support.ExtractedJar;
import amberrail.e2e.support.People;
import amberrail.e2e.support.Server;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A backup made while attempts are recorded, a database that is damaged, and the backup put back. */
class BackupAndRestoreTest {
    private static final Duration LIMIT = Duration.ofMinutes(2);

    @TempDir
    Path folder;

    private record Restored(int code, String said) {}

    private static Restored restore(String... arguments) throws Exception {
        List<String> command = new ArrayList<>(ExtractedJar.command());
        command.add("restore");
        command.addAll(List.of(arguments));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        return new Restored(process.waitFor(), said);
    }

    private static Path backup(ApiClient head) throws Exception {
        head.send("POST", "/api/v1/backups", null);
        Instant limit = Instant.now().plus(LIMIT);
        JsonNode state = head.send("GET", "/api/v1/backups", null);
        while (state.get("working").asBoolean() && Instant.now().isBefore(limit)) {
            Thread.sleep(200);
            state = head.send("GET", "/api/v1/backups", null);
        }
        assertThat(state.get("problem").asText()).isEmpty();
        assertThat(state.get("kept")).hasSize(1);
        return Path.of(state.get("folder").asText(), state.at("/kept/0/name").asText());
    }

    @Test
    void whatWasBackedUpWhileRecordingComesBackAfterDamage() throws Exception {
        Path data = folder.resolve("data");
        try (Server server = Server.start(data)) {
            ApiClient head = ApiClient.ofNewClub(server);
            String stays = head.addStudent("Prudence Stays");
            String goes = head.addStudent("Barnaby Goes");
            String session = head.beginSession(stays, true);
            head.putAttempt(session, UUID.randomUUID(), 1);
            Path backup = backup(head);
            head.putAttempt(session, UUID.randomUUID(), 2);
            head.eraseNow(goes);
            Restored running = restore(backup.toString(), "--data", data.toString(), "--yes");
            assertThat(running.said()).contains("Amber Rail is running").contains("Stop it first");
            assertThat(running.code()).isEqualTo(1);
            assertThat(head.attempts(session)).isEqualTo(2);
            server.stop();

            Restored looked = restore(backup.toString(), "--data", data.toString());
            assertThat(looked.code()).isEqualTo(2);
            assertThat(looked.said())
                    .contains("3 people, 1 sessions, 1 attempts")
                    .contains("There now: ")
                    .contains("2 attempts")
                    .contains("Nothing was changed");
            Restored done = restore(backup.toString(), "--data", data.toString(), "--yes");
            assertThat(done.said()).contains("is kept as").contains("The backup is in its place");
            assertThat(done.code()).isZero();
            server.restart();
            head.signIn(ApiClient.HEAD);
            assertThat(head.attempts(session)).isEqualTo(1);
            waitUntilErasedAgain(head);
            server.stop();

            Path database = data.resolve("amber-rail.mv.db");
            byte[] whole = Files.readAllBytes(database);
            Files.write(database, Arrays.copyOf(whole, whole.length / 3));
            assertThat(server.failToStart()).contains("it is damaged").contains("./amber restore FILE");
            Files.write(database, new byte[whole.length]);
            assertThat(server.failToStart()).contains("it is damaged").contains("./amber restore FILE");
            assertThat(restore(backup.toString(), "--data", data.toString(), "--yes")
                            .said())
                    .contains("a database that cannot be opened")
                    .contains("The backup is in its place");
            server.restart();
            head.signIn(ApiClient.HEAD);
            assertThat(head.attempts(session)).isEqualTo(1);
            server.stop();

            byte[] good = Files.readAllBytes(database);
            good[good.length / 2] ^= 4;
            Files.write(database, good);
            assertThat(server.failToStart())
                    .containsAnyOf("not as the server left it", "it is damaged")
                    .contains("./amber restore FILE");
        }
        try (Stream<Path> files = Files.list(data)) {
            assertThat(files.filter(file -> file.getFileName().toString().contains(".replaced-")))
                    .isNotEmpty();
        }
    }

    /** Whoever was erased after the backup does not come back with it. */
    private static void waitUntilErasedAgain(ApiClient head) throws Exception {
        Instant limit = Instant.now().plus(LIMIT);
        while (head.send("GET", "/api/v1/students", null).size() > 1
                && Instant.now().isBefore(limit)) {
            Thread.sleep(500);
        }
        assertThat(head.send("GET", "/api/v1/students", null).findValuesAsText("name"))
                .containsExactly("Prudence Stays");
    }

    @Test
    void theHeadCoachPutsOneBackFromTheBrowser() throws Exception {
        Path data = folder.resolve("data");
        try (Server server = Server.start(data)) {
            ApiClient head = ApiClient.ofNewClub(server);
            String stays = head.addStudent("Prudence Stays");
            String session = head.beginSession(stays, true);
            head.putAttempt(session, UUID.randomUUID(), 1);
            String name = backup(head).getFileName().toString();
            head.putAttempt(session, UUID.randomUUID(), 2);
            String path = "/api/v1/backups/" + name;
            JsonNode looked = head.send("POST", path + "/look", "{\"passphrase\":\"\"}");
            JsonNode attempts = StreamSupport.stream(looked.get("counts").spliterator(), false)
                    .filter(one -> one.get("what").asText().equals("attempts"))
                    .findFirst()
                    .orElseThrow();
            assertThat(attempts.get("inIt").asInt()).isEqualTo(1);
            assertThat(attempts.get("now").asInt()).isEqualTo(2);
            assertThat(head.attempts(session)).isEqualTo(2);
            head.send("POST", path + "/restore", "{\"passphrase\":\"\",\"password\":\"" + People.PASSWORD + "\"}");
            assertThat(server.exitCode()).isEqualTo(75);
            server.restart();
            head.signIn(ApiClient.HEAD);
            assertThat(head.attempts(session)).isEqualTo(1);
        }
        try (Stream<Path> files = Files.list(data)) {
            assertThat(files.filter(file -> file.getFileName().toString().contains(".replaced-")))
                    .hasSize(1);
        }
    }

    @Test
    void anEncryptedOneOpensForItsPassphraseAlone() throws Exception {
        Path phrase = Files.writeString(folder.resolve("phrase"), "amber light on green cloth\n");
        Path other = Files.writeString(folder.resolve("other"), "green light on amber cloth\n");
        Path elsewhere = folder.resolve("elsewhere");
        Path data = folder.resolve("data");
        Path backup;
        try (Server server =
                Server.start(data, "--amber.backup.folder=" + elsewhere, "--amber.backup.passphrase-file=" + phrase)) {
            ApiClient head = ApiClient.ofNewClub(server);
            head.addStudent("Prudence Stays");
            backup = backup(head);
        }
        assertThat(backup.getParent()).isEqualTo(elsewhere);
        String fresh = folder.resolve("fresh").toString();
        assertThat(restore(backup.toString(), "--data", fresh, "--yes").said()).contains("is encrypted");
        assertThat(restore(backup.toString(), "--data", fresh, "--yes", "--passphrase-file", other.toString())
                        .said())
                .contains("The passphrase is not that of");
        assertThat(Files.exists(Path.of(fresh).resolve("amber-rail.mv.db"))).isFalse();
        Restored done = restore(backup.toString(), "--data", fresh, "--yes", "--passphrase-file", phrase.toString());
        assertThat(done.said()).contains("2 people");
        assertThat(done.code()).isZero();
        try (Server server = Server.start(Path.of(fresh))) {
            ApiClient head = new ApiClient(server);
            head.signIn(ApiClient.HEAD);
            assertThat(head.send("GET", "/api/v1/students", null)).hasSize(1);
        }
    }
}
