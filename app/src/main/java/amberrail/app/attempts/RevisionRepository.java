package amberrail.app.attempts;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RevisionRepository extends JpaRepository<RevisionEntity, RevisionEntity.Key> {
    List<RevisionEntity> findByIdAttemptIdOrderByIdRevision(UUID attemptId);
}
