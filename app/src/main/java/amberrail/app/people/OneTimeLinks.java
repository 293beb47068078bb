package amberrail.app.people;

import amberrail.app.config.AmberRailProperties;
import amberrail.app.web.Missing;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** One-time links: a random token is shown once, only its hash is kept, a new link replaces the old one. */
@Service
class OneTimeLinks {
    private static final int TOKEN_BYTES = 24;

    private final InvitationRepository invitations;
    private final AmberRailProperties properties;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    OneTimeLinks(InvitationRepository invitations, AmberRailProperties properties, Clock clock) {
        this.invitations = invitations;
        this.properties = properties;
        this.clock = clock;
    }

    String issue(UUID accountId) {
        invitations.deleteByAccountId(accountId);
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        InvitationEntity invitation = new InvitationEntity();
        invitation.tokenHash = hash(token);
        invitation.accountId = accountId;
        invitation.expiresAt = Instant.now(clock).plus(properties.invitationValidFor());
        invitations.save(invitation);
        return token;
    }

    /** The account that a token was made for; {@link Missing} if unknown, used or out of date. */
    UUID accountOf(String token) {
        return invitations
                .findById(hash(token))
                .filter(invitation -> invitation.expiresAt.isAfter(Instant.now(clock)))
                .map(invitation -> invitation.accountId)
                .orElseThrow(() -> new Missing("link; ask your coach for a new one"));
    }

    /** Uses a link up; {@link Missing} for all but one of those who do it at the same moment. */
    void use(String token) {
        if (invitations.take(hash(token)) == 0) {
            throw new Missing("link; ask your coach for a new one");
        }
    }

    private static String hash(String token) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
