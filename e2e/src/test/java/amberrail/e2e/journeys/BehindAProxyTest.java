package amberrail.e2e.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.e2e.support.Server;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a proxy says of the client counts where the proxy is trusted, and nowhere else. */
class BehindAProxyTest {
    @TempDir
    Path folder;

    private static HttpResponse<String> asked(Server server) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(server.url() + "/api/v1/club"))
                .header("X-Forwarded-Proto", "https")
                .header("X-Forwarded-For", "203.0.113.7")
                .build();
        return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
    }

    @Test
    void behindATrustedProxyCookiesAreSecureAndTheBrowserIsToldToKeepToTls() throws Exception {
        try (Server server = Server.start(folder.resolve("trusted"), "--amber.trusted-proxies=127\\.0\\.0\\.1")) {
            HttpResponse<String> answer = asked(server);
            assertThat(answer.headers().allValues("Set-Cookie")).isNotEmpty().allMatch(one -> one.contains("Secure"));
            assertThat(answer.headers().firstValue("Strict-Transport-Security")).isPresent();
        }
    }

    @Test
    void whoeverIsNotTrustedCannotSayThatItCameByTls() throws Exception {
        try (Server server = Server.start(folder.resolve("plain"))) {
            HttpResponse<String> answer = asked(server);
            assertThat(answer.headers().allValues("Set-Cookie")).isNotEmpty().noneMatch(one -> one.contains("Secure"));
            assertThat(answer.headers().firstValue("Strict-Transport-Security")).isEmpty();
        }
    }

    @Test
    void anEmptiedOrVanishedDatabaseBeginsNoNewClub() throws Exception {
        Path data = folder.resolve("data");
        try (Server server = Server.start(data)) {
            server.stop();
        }
        Path database = data.resolve("amber-rail.mv.db");
        byte[] kept = Files.readAllBytes(database);
        Files.write(database, new byte[0]);
        try (Server server = Server.prepared(data, Server.freePort())) {
            assertThat(server.failToStart()).contains("is empty (0 bytes)").contains("No new club was begun");
        }
        Files.delete(database);
        try (Server server = Server.prepared(data, Server.freePort())) {
            assertThat(server.failToStart()).contains("but not the database amber-rail.mv.db");
        }
        Files.write(database, kept);
        try (Server server = Server.start(data)) {
            assertThat(server.isRunning()).isTrue();
        }
    }
}
