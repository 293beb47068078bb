package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.testing.Club;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.TestPropertySource;

/** Half requests on a real container: they hold nothing that others need, and whole ones arrive in whatever pieces. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@ActiveProfiles("test")
@TestPropertySource(properties = "amber.wait-for-bodies=true")
@Import(Club.class)
class BodyArrivalTest {
    private static final String BODY = "{\"signInName\":\"nobody\",\"password\":\"not the password\"}";
    /** More than there are workers. */
    private static final int HELD = 150;

    @LocalServerPort
    int port;

    private String head(String extra) {
        return "POST /api/v1/sign-in HTTP/1.1\r\nHost: a\r\nContent-Type: application/json\r\nCookie: XSRF-TOKEN=t\r\n"
                + "X-XSRF-TOKEN: t\r\nConnection: close\r\n" + extra + "\r\n\r\n";
    }

    private Socket opened(String text) throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        socket.setSoTimeout(30_000);
        send(socket, text);
        return socket;
    }

    private static void send(Socket socket, String text) throws IOException {
        socket.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
        socket.getOutputStream().flush();
    }

    private static String answer(Socket socket) throws IOException {
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))) {
            StringBuilder text = new StringBuilder();
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                text.append(line).append('\n');
            }
            return text.toString();
        }
    }

    /** Tomcat refuses these by itself, with a page of its own where nobody says otherwise. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "GET /api/v1/drills/%00 HTTP/1.1\r\nHost: a",
                "GET /api/v1/drills/a%2fb HTTP/1.1\r\nHost: a",
                "GET /today/%zz HTTP/1.1\r\nHost: a",
                "GET /api/v1/drills/[x] HTTP/1.1\r\nHost: a",
                "GET /../x HTTP/1.1\r\nHost: a",
                "GET /api/v1/club HTTP/1.1\r\nHost: a b",
                "GET /api/v1/club HTTP/1.1"
            })
    void whatTheContainerRefusesIsAnsweredLikeEverythingElse(String head) throws Exception {
        try (Socket socket = opened(head + "\r\nConnection: close\r\n\r\n")) {
            assertThat(answer(socket))
                    .startsWith("HTTP/1.1 400")
                    .contains("application/problem+json")
                    .contains("\"detail\":\"The server cannot make sense of this request (400).\"")
                    .doesNotContainIgnoringCase("<html");
        }
    }

    @Test
    void aHeadThatIsTooLongIsAnsweredInWords() throws Exception {
        try (Socket socket = opened("GET /api/v1/club HTTP/1.1\r\nHost: a\r\nX: " + "a".repeat(20_000) + "\r\n\r\n")) {
            assertThat(answer(socket)).startsWith("HTTP/1.1 400").contains("application/problem+json");
        }
    }

    @Test
    void aBodyInPiecesIsTheSameAsOneInOne() throws Exception {
        try (Socket socket = opened(head("Content-Length: " + BODY.length()))) {
            for (int i = 0; i < BODY.length(); i += 7) {
                send(socket, BODY.substring(i, Math.min(BODY.length(), i + 7)));
                Thread.sleep(15);
            }
            assertThat(answer(socket)).startsWith("HTTP/1.1 401").contains("do not belong together");
        }
    }

    @Test
    void aBodyWithoutAStatedLengthIsReadToo() throws Exception {
        try (Socket socket = opened(head("Transfer-Encoding: chunked"))) {
            send(socket, Integer.toHexString(BODY.length()) + "\r\n" + BODY + "\r\n0\r\n\r\n");
            assertThat(answer(socket)).startsWith("HTTP/1.1 401");
        }
    }

    @Test
    void oneThatGrowsTooLargeIsCutOffWithASentence() throws Exception {
        try (Socket socket = opened(head("Transfer-Encoding: chunked"))) {
            String piece = "x".repeat(8000);
            try {
                for (int i = 0; i < 60; i++) {
                    send(socket, Integer.toHexString(piece.length()) + "\r\n" + piece + "\r\n");
                }
            } catch (IOException cutOff) {
                // It may close before everything was sent.
                assertThat(cutOff).isNotInstanceOf(SocketTimeoutException.class);
                return;
            }
            assertThat(answer(socket)).startsWith("HTTP/1.1 413").contains("BODY_TOO_LARGE");
        }
    }

    @Test
    void withoutItsTokenAnAwaitedRequestIsRefusedLikeAnyOther() throws Exception {
        String head =
                "POST /api/v1/students HTTP/1.1\r\nHost: a\r\nContent-Type: application/json\r\nConnection: close\r\n"
                        + "Content-Length: 13\r\n\r\n";
        try (Socket socket = opened(head + "{\"name\":\"Ana\"")) {
            send(socket, "}");
            assertThat(answer(socket)).startsWith("HTTP/1.1 403").contains("STALE_PAGE");
        }
    }

    @Test
    void moreHeldBodiesThanWorkersKeepNobodyFromBeingAnswered() throws Exception {
        List<Socket> held = new ArrayList<>();
        try {
            for (int i = 0; i < HELD; i++) {
                held.add(opened(head("Content-Length: 200") + "{\"half"));
            }
            for (int i = 0; i < 10; i++) {
                try (Socket socket = opened(head("Content-Length: " + BODY.length()) + BODY)) {
                    assertThat(answer(socket)).startsWith("HTTP/1.1 4");
                }
            }
        } finally {
            for (Socket socket : held) {
                socket.close();
            }
        }
    }
}
