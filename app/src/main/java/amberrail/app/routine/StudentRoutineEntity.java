package amberrail.app.routine;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

@Entity
@Table(name = "student_routine")
class StudentRoutineEntity {
    @Id
    UUID studentId;

    @Version
    Integer version;

    /** One a line. */
    String steps;

    int clockSeconds;
}
