package amberrail.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.UUID;
import java.util.concurrent.TimeUnit;

/** A recording device without a screen. */
final class Device {
    static final String PASSWORD = "lantern-street";
    private static final int BUSY = 429;

    private final String url;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final ObjectMapper json = new ObjectMapper();

    Device(String url) {
        this.url = url;
    }

    void signIn(String name) throws IOException, InterruptedException {
        send("GET", "/api/v1/club", null);
        send("POST", "/api/v1/sign-in", "{\"signInName\":\"" + name + "\",\"password\":\"" + PASSWORD + "\"}");
    }

    String beginSession() throws IOException, InterruptedException {
        return beginSession("roll-on-to-the-ring");
    }

    String beginSession(String drill) throws IOException, InterruptedException {
        String student = send("GET", "/api/v1/me", null).at("/person/id").asText();
        String table = send("GET", "/api/v1/tables", null).at("/0/id").asText();
        String body = "{\"studentIds\":[\"" + student + "\"],\"drillIds\":[\"" + drill
                + "\"],\"coached\":false,\"tableId\":\"" + table + "\"}";
        return send("POST", "/api/v1/sessions", body).get("id").asText();
    }

    /** One attempt, spread over stations and sides as in a session of many. */
    void putAttempt(String session, int sequence) throws IOException, InterruptedException {
        UUID id = UUID.randomUUID();
        boolean mirrored = sequence / 20 % 2 == 1;
        double y = mirrored ? 254 + sequence % 90 : 1016 - sequence % 90;
        put(session, id, sequence, sequence / 40 % 3, mirrored, 1650 + sequence % 140, y);
    }

    /** The body of a made shot at the first station of a drill, its landing somewhere on the cloth. */
    static String attempt(UUID tryId, int sequence, int shot, int aside) {
        return body(tryId, sequence, 0, false, shot, 1500 + 2 * aside, 500 + aside);
    }

    private void put(String session, UUID id, int sequence, int station, boolean mirrored, double x, double y)
            throws IOException, InterruptedException {
        String body = body(id, sequence, station, mirrored, 0, x, y);
        send("PUT", "/api/v1/sessions/" + session + "/attempts/" + id, body);
    }

    private static String body(UUID tryId, int sequence, int station, boolean mirrored, int shot, double x, double y) {
        return "{\"revision\":0,\"deleted\":false,\"station\":" + station + ",\"mirrored\":" + mirrored
                + ",\"tryId\":\"" + tryId + "\",\"shot\":" + shot + ",\"sequence\":" + sequence
                + ",\"deviceId\":\"bench\",\"outcome\":\"POTTED_CLEAN\",\"foul\":false,\"inOff\":false,"
                + "\"landing\":{\"xMillimetres\":" + x + ",\"yMillimetres\":" + y
                + ",\"placedBy\":\"TAP\",\"placingSdMillimetres\":15},\"playedAt\":\"" + Instant.now() + "\"}";
    }

    /** One attempt at the first station that misses the ring: nothing moves the student on. */
    void putMiss(String session, int sequence) throws IOException, InterruptedException {
        UUID id = UUID.randomUUID();
        put(session, id, sequence, 0, false, 400 + 2 * (sequence % 300), 250 + sequence % 170);
    }

    /** Where the server says that it is still working that out, it is asked again when it says. */
    JsonNode askUntilReady(String path) throws IOException, InterruptedException {
        HttpResponse<String> response = answer("GET", path, null);
        while (response.statusCode() == BUSY) {
            TimeUnit.SECONDS.sleep(
                    response.headers().firstValueAsLong("Retry-After").orElseThrow());
            response = answer("GET", path, null);
        }
        return body("GET", path, response);
    }

    JsonNode send(String method, String path, String body) throws IOException, InterruptedException {
        return body(method, path, answer(method, path, body));
    }

    private HttpResponse<String> answer(String method, String path, String body)
            throws IOException, InterruptedException {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
        HttpRequest request = HttpRequest.newBuilder(URI.create(url + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body))
                .build();
        return http.send(request, HttpResponse.BodyHandlers.ofString());
    }

    private JsonNode body(String method, String path, HttpResponse<String> response) throws IOException {
        if (response.statusCode() >= 300) {
            throw new IllegalStateException(method + " " + path + ": " + response.statusCode() + " " + response.body());
        }
        return json.readTree(response.body());
    }
}
