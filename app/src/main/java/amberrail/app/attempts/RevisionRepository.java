package amberrail.app.attempts;

import org.springframework.data.jpa.repository.JpaRepository;

interface RevisionRepository extends JpaRepository<RevisionEntity, RevisionEntity.Key> {}
