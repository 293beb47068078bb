package amberrail.app.people;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface InvitationRepository extends JpaRepository<InvitationEntity, String> {
    void deleteByAccountId(UUID accountId);
}
