package amberrail.audit;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;

/** Somebody at a browser, without one: every answer is returned, also what is refused. */
final class Person {
    static final String PASSWORD = "lantern-street";
    private static final Duration HANGS_AFTER = Duration.ofSeconds(60);
    static final ObjectMapper JSON = new ObjectMapper();

    private final String url;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .version(HttpClient.Version.HTTP_1_1)
            .build();

    Person(String url) {
        this.url = url;
    }

    /** Status and text; how long it took from outside. */
    record Answer(int status, String text, double milliseconds) {
        JsonNode json() throws IOException {
            return JSON.readTree(text);
        }

        Answer expect(int wanted) {
            if (status != wanted) {
                throw new IllegalStateException("wanted " + wanted + ", got " + status + ": " + text);
            }
            return this;
        }
    }

    Person signedIn(String name) throws IOException, InterruptedException {
        send("GET", "/api/v1/club", null);
        send("POST", "/api/v1/sign-in", JSON.writeValueAsString(Map.of("signInName", name, "password", PASSWORD)))
                .expect(200);
        return this;
    }

    String id() throws IOException, InterruptedException {
        return send("GET", "/api/v1/me", null).json().at("/person/id").asText();
    }

    String table() throws IOException, InterruptedException {
        return send("GET", "/api/v1/tables", null).json().at("/0/id").asText();
    }

    String beginSession(String... studentIds) throws IOException, InterruptedException {
        var body = Map.of(
                "studentIds",
                studentIds,
                "drillIds",
                new String[] {"roll-on-to-the-ring"},
                "tableId",
                table(),
                "coached",
                false);
        return send("POST", "/api/v1/sessions", JSON.writeValueAsString(body))
                .expect(201)
                .json()
                .get("id")
                .asText();
    }

    Answer putAttempt(String session, UUID id, long sequence) throws IOException, InterruptedException {
        return putAttempt(session, id, sequence, 0);
    }

    /** A change, where the revision is not the first: it landed elsewhere. */
    Answer putAttempt(String session, UUID id, long sequence, int revision) throws IOException, InterruptedException {
        return send("PUT", "/api/v1/sessions/" + session + "/attempts/" + id, attempt(id, sequence, revision));
    }

    static String attempt(UUID id, long sequence) {
        return attempt(id, sequence, 0);
    }

    private static String attempt(UUID id, long sequence, int revision) {
        return "{\"revision\":" + revision + ",\"deleted\":false,\"station\":0,\"mirrored\":false,\"tryId\":\"" + id
                + "\",\"shot\":0,\"sequence\":" + sequence + ",\"deviceId\":\"audit\",\"outcome\":\"POTTED_CLEAN\","
                + "\"foul\":false,\"inOff\":false,\"landing\":{\"xMillimetres\":" + (400 + sequence % 300 + revision)
                + ",\"yMillimetres\":300,\"placedBy\":\"TAP\",\"placingSdMillimetres\":15},\"playedAt\":\""
                + Instant.now() + "\"}";
    }

    int attempts(String session) throws IOException, InterruptedException {
        return send("GET", "/api/v1/sessions/" + session, null)
                .expect(200)
                .json()
                .get("attempts")
                .size();
    }

    Answer send(String method, String path, String body) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url + path))
                .timeout(HANGS_AFTER)
                .header("X-XSRF-TOKEN", token());
        if (body != null) {
            request.header("Content-Type", "application/json");
        }
        long begun = System.nanoTime();
        HttpResponse<String> response = http.send(
                request.method(
                                method,
                                body == null
                                        ? HttpRequest.BodyPublishers.noBody()
                                        : HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        return new Answer(response.statusCode(), response.body(), (System.nanoTime() - begun) / 1e6);
    }

    String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    String cookieHeader() {
        StringBuilder header = new StringBuilder();
        cookies.getCookieStore()
                .getCookies()
                .forEach(cookie -> header.append(header.isEmpty() ? "" : "; ")
                        .append(cookie.getName())
                        .append('=')
                        .append(cookie.getValue()));
        return header.toString();
    }
}
