package amberrail.app.people;

import amberrail.app.config.AmberRailProperties;
import amberrail.app.web.Missing;
import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** One-time links: a random token is shown once, only its hash is kept, a new link replaces the old one. */
@Service
class OneTimeLinks {
    private final InvitationRepository invitations;
    private final AmberRailProperties properties;
    private final Clock clock;

    OneTimeLinks(InvitationRepository invitations, AmberRailProperties properties, Clock clock) {
        this.invitations = invitations;
        this.properties = properties;
        this.clock = clock;
    }

    String issue(UUID accountId) {
        invitations.deleteByAccountId(accountId);
        String token = SecretToken.make();
        InvitationEntity invitation = new InvitationEntity();
        invitation.tokenHash = SecretToken.hash(token);
        invitation.accountId = accountId;
        invitation.expiresAt = Instant.now(clock).plus(properties.invitationValidFor());
        invitations.save(invitation);
        return token;
    }

    /** The account that a token was made for; {@link Missing} if unknown, used or out of date. */
    UUID accountOf(String token) {
        return invitations
                .findById(SecretToken.hash(token))
                .filter(invitation -> invitation.expiresAt.isAfter(Instant.now(clock)))
                .map(invitation -> invitation.accountId)
                .orElseThrow(() -> new Missing("link; ask your coach for a new one"));
    }

    /** Uses a link up; {@link Missing} for all but one of those who do it at the same moment. */
    void use(String token) {
        if (invitations.take(SecretToken.hash(token)) == 0) {
            throw new Missing("link; ask your coach for a new one");
        }
    }
}
