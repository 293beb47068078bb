package amberrail.app.people;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface InvitationRepository extends JpaRepository<InvitationEntity, String> {
    List<InvitationEntity> findByExpiresAtAfter(Instant now);

    @Modifying
    @Query("delete from InvitationEntity i where i.accountId = :accountId")
    void deleteByAccountId(UUID accountId);

    /** How many there were: of several who use a link at once, one is told 1. */
    @Modifying
    @Query("delete from InvitationEntity i where i.tokenHash = :tokenHash")
    int take(String tokenHash);
}
