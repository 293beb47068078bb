package amberrail.e2e.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.support.DemoClub;
import amberrail.e2e.support.Journey;
import amberrail.e2e.support.Server;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What can stand in the way of a start, and what a hard stop must not take away. */
class StartingTroubleTest {
    @TempDir
    Path folder;

    @Test
    void aPortInUseIsNamedWithAnotherOne() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("0.0.0.0"));
                Server server = Server.prepared(folder.resolve("data"), taken.getLocalPort())) {
            assertThat(server.failToStart())
                    .contains("Port " + taken.getLocalPort() + " is in use")
                    .contains("--port " + (taken.getLocalPort() + 1));
        }
    }

    @Test
    void aDataFolderThatCannotBeWrittenIsNamed() throws Exception {
        // A file stands where the folder should be: nobody can write there, root included.
        Path file = Files.createFile(folder.resolve("occupied"));
        try (Server server = Server.prepared(file.resolve("data"), Server.freePort())) {
            assertThat(server.failToStart())
                    .contains("cannot write to its data folder")
                    .contains("--data");
        }
    }

    @Test
    void aSecondServerOnTheSameDataIsRefused() {
        try (Server first = Server.start(folder.resolve("data"));
                Server second = Server.prepared(folder.resolve("data"), Server.freePort())) {
            assertThat(first.url()).isNotBlank();
            assertThat(second.failToStart()).contains("Another Amber Rail is running on this data folder");
        }
    }

    @Test
    void dataOfANewerVersionAreRefusedAndNotTouched() throws Exception {
        Path data = folder.resolve("data");
        try (Server server = Server.start(data)) {
            server.stop();
        }
        pretendANewerVersionWasHere(data);
        try (Server server = Server.prepared(data, Server.freePort())) {
            assertThat(server.failToStart()).contains("written by a newer version of Amber Rail");
        }
    }

    private static void pretendANewerVersionWasHere(Path data) throws Exception {
        // Written past the server on purpose, as a newer one would have sealed it anew.
        Files.delete(data.resolve("amber-rail.seal"));
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + data.resolve("amber-rail"), "amber", "");
                PreparedStatement insert = connection.prepareStatement(
                        "insert into \"flyway_schema_history\" (\"installed_rank\", \"version\", \"description\","
                                + " \"type\", \"script\", \"checksum\", \"installed_by\", \"execution_time\", \"success\")"
                                + " values (900, '900', 'from the future', 'SQL', 'V900__future.sql', 1, 'amber', 1, true)")) {
            insert.executeUpdate();
        }
    }

    @Test
    void answeredAttemptsSurviveKillNine() throws Exception {
        try (Server server = DemoClub.start(folder.resolve("data"), Journey.USUAL_WEEKS)) {
            ApiClient client = new ApiClient(server);
            client.signIn("tamsin");
            String session = client.beginSession();
            for (int round = 0; round < 2; round++) {
                for (int i = 0; i < 20; i++) {
                    client.putAttempt(session, UUID.randomUUID(), 20 * round + i);
                }
                server.kill();
                server.restart();
                assertThat(client.attempts(session)).as("round %d", round).isEqualTo(20 * (round + 1));
            }
        }
    }

    @Test
    void nothingAbsoluteStandsInTheDataFolder() throws Exception {
        Path data = folder.resolve("data");
        try (Server server = DemoClub.start(data, Journey.USUAL_WEEKS)) {
            server.stop();
        }
        Path moved = folder.resolve("moved");
        Files.move(data, moved);
        try (Server server = Server.start(moved)) {
            HttpResponse<String> club = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(server.url() + "/api/v1/club"))
                                    .build(),
                            HttpResponse.BodyHandlers.ofString());
            assertThat(club.body()).contains("false");
        }
    }
}
