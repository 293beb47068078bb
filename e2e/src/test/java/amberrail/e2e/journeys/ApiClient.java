package amberrail.e2e.journeys;

import amberrail.e2e.support.People;
import amberrail.e2e.support.Server;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.UUID;

/** A device without a screen: signs in and writes attempts over HTTP. */
final class ApiClient {
    static final String HEAD = "head";

    private final Server server;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final ObjectMapper json = new ObjectMapper();

    ApiClient(Server server) {
        this.server = server;
    }

    void signIn(String name) throws Exception {
        send("GET", "/api/v1/club", null);
        send("POST", "/api/v1/sign-in", "{\"signInName\":\"" + name + "\",\"password\":\"" + People.PASSWORD + "\"}");
    }

    /** The first coach of a club without anybody, signed in as {@value #HEAD}. */
    static ApiClient ofNewClub(Server server) throws Exception {
        ApiClient head = new ApiClient(server);
        head.send("GET", "/api/v1/club", null);
        head.send(
                "POST",
                "/api/v1/club/first-coach",
                "{\"name\":\"Head\",\"signInName\":\"" + HEAD + "\",\"password\":\"" + People.PASSWORD + "\"}");
        head.signIn(HEAD);
        return head;
    }

    /** The new student's id. */
    String addStudent(String name) throws Exception {
        return send("POST", "/api/v1/students", "{\"name\":\"" + name + "\"}")
                .get("id")
                .asText();
    }

    void eraseNow(String person) throws Exception {
        send(
                "POST",
                "/api/v1/people/" + person + "/erasure",
                "{\"way\":\"ERASE\",\"now\":true,\"password\":\"" + People.PASSWORD + "\"}");
    }

    /** Of whoever is signed in. */
    String beginSession() throws Exception {
        return beginSession(send("GET", "/api/v1/me", null).at("/person/id").asText(), false);
    }

    String beginSession(String student, boolean coached) throws Exception {
        String table = send("GET", "/api/v1/tables", null).at("/0/id").asText();
        String body = "{\"studentIds\":[\"" + student + "\"],\"drillIds\":[\"roll-on-to-the-ring\"],\"coached\":"
                + coached + ",\"tableId\":\"" + table + "\"}";
        return send("POST", "/api/v1/sessions", body).get("id").asText();
    }

    void putAttempt(String session, UUID id, int sequence) throws Exception {
        String body = "{\"revision\":0,\"deleted\":false,\"station\":0,\"mirrored\":false,\"tryId\":\"" + id
                + "\",\"shot\":0,\"sequence\":" + sequence + ",\"deviceId\":\"api\",\"outcome\":\"POTTED_CLEAN\","
                + "\"foul\":false,\"inOff\":false,\"landing\":{\"xMillimetres\":1700,\"yMillimetres\":1000,"
                + "\"placedBy\":\"TAP\",\"placingSdMillimetres\":15},\"playedAt\":\"" + Instant.now() + "\"}";
        send("PUT", "/api/v1/sessions/" + session + "/attempts/" + id, body);
    }

    int attempts(String session) throws Exception {
        return send("GET", "/api/v1/sessions/" + session, null).get("attempts").size();
    }

    JsonNode send(String method, String path, String body) throws Exception {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
        HttpRequest request = HttpRequest.newBuilder(URI.create(server.url() + path))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .method(
                        method,
                        body == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body))
                .build();
        HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() >= 300) {
            throw new IllegalStateException(method + " " + path + ": " + response.statusCode() + " " + response.body());
        }
        return json.readTree(response.body());
    }
}
