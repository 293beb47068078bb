package amberrail.app.routine;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ObservationLists extends JpaRepository<ObservationListEntity, UUID> {}
