package amberrail.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

@Entity
@Table(name = "invitation")
class InvitationEntity {
    @Id
    String tokenHash;

    UUID accountId;
    Instant expiresAt;
}
