package amberrail.e2e.journeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.e2e.support.Script;
import java.io.InputStream;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** {@code ./amber serve --tls}: whoever trusts the club's own authority gets a connection without a warning, nobody else does. */
class OwnTlsTest {
    @TempDir
    Path folder;

    private static HttpClient trusting(Path authority) throws Exception {
        KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
        trusted.load(null, null);
        try (InputStream file = Files.newInputStream(authority)) {
            trusted.setCertificateEntry(
                    "club", CertificateFactory.getInstance("X.509").generateCertificate(file));
        }
        TrustManagerFactory managers = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        managers.init(trusted);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, managers.getTrustManagers(), null);
        return HttpClient.newBuilder().sslContext(context).build();
    }

    @Test
    void theClubsOwnAuthorityIsAllThatATabletNeeds() throws Exception {
        Path data = folder.resolve("data");
        Path authority = data.resolve("tls/amber-rail-authority.crt");
        byte[] first;
        try (Script script = Script.serve(data, "--tls", "hall.test")) {
            assertThat(script.said())
                    .contains("https://hall.test:" + script.port())
                    .contains(authority.toString());
            String address = "https://127.0.0.1:" + script.port() + "/api/v1/club";
            HttpResponse<String> answer = script.asked(trusting(authority), address);
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.headers().firstValue("Strict-Transport-Security")).isPresent();
            assertThat(answer.headers().allValues("Set-Cookie")).isNotEmpty().allMatch(one -> one.contains("Secure"));
            assertThatThrownBy(() -> script.asked(HttpClient.newHttpClient(), address))
                    .isInstanceOf(SSLHandshakeException.class);
            try (var files = Files.list(data.resolve("tls"))) {
                assertThat(files)
                        .isNotEmpty()
                        .allSatisfy(
                                file -> assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                                        .isEqualTo("rw-------"));
            }
            first = Files.readAllBytes(authority);
        }
        try (Script again = Script.serve(data, "--tls", "hall.test")) {
            assertThat(Files.readAllBytes(authority))
                    .as("tablets that trust it go on doing so")
                    .isEqualTo(first);
            HttpResponse<String> answer =
                    again.asked(trusting(authority), "https://127.0.0.1:" + again.port() + "/api/v1/club");
            assertThat(answer.statusCode()).isEqualTo(200);
        }
    }

    @Test
    void aNameThatNoNetworkKnowsIsRefusedBeforeAnythingIsMade() throws Exception {
        Path data = folder.resolve("odd");
        assertThat(Script.refused(data, "--tls", "hall test;x"))
                .contains("\"hall test;x\" is no name that a network knows");
        assertThat(data.resolve("tls/server.p12")).doesNotExist();
    }
}
