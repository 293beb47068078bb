package amberrail.app.signin;

import amberrail.app.people.InstallationSecrets;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.time.Duration;
import java.util.Base64;
import java.util.stream.Stream;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/**
 * A device on which a name has signed in carries a token for that name: an HMAC of it, worth nothing for signing in. It only keeps others' wrong
 * guesses from delaying its owner (OWASP, "Slow Down Online Guessing Attacks with Device Cookies").
 */
@Component
class KnownDevices {
    private static final String COOKIE = "AMBER_DEVICE";
    private static final Duration KEPT = Duration.ofDays(180);
    private static final String HMAC = "HmacSHA256";
    /** A hall's tablet has had several owners; the newest tokens are kept. */
    private static final int MOST_TOKENS = 8;

    private final InstallationSecrets secrets;

    KnownDevices(InstallationSecrets secrets) {
        this.secrets = secrets;
    }

    boolean knows(HttpServletRequest request, String signInName) {
        String wanted = token(signInName);
        return tokens(request).anyMatch(one -> same(one, wanted));
    }

    void remember(HttpServletRequest request, HttpServletResponse response, String signInName) {
        String token = token(signInName);
        String all = Stream.concat(Stream.of(token), tokens(request).filter(one -> !same(one, token)))
                .limit(MOST_TOKENS)
                .reduce((a, b) -> a + "." + b)
                .orElseThrow();
        ResponseCookie cookie = ResponseCookie.from(COOKIE, all)
                .path("/api/v1/sign-in")
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Lax")
                .maxAge(KEPT)
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    }

    private static Stream<String> tokens(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? Stream.empty()
                : Stream.of(cookies)
                        .filter(cookie -> cookie.getName().equals(COOKIE))
                        .flatMap(cookie -> Stream.of(cookie.getValue().split("\\.")))
                        .limit(MOST_TOKENS);
    }

    private String token(String signInName) {
        try {
            Mac mac = Mac.getInstance(HMAC);
            mac.init(new SecretKeySpec(secrets.named("known-devices"), HMAC));
            byte[] made = mac.doFinal(SignInThrottle.normal(signInName).getBytes(StandardCharsets.UTF_8));
            return Base64.getUrlEncoder().withoutPadding().encodeToString(made);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("every Java has " + HMAC, e);
        }
    }

    private static boolean same(String one, String other) {
        return MessageDigest.isEqual(one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
    }
}
