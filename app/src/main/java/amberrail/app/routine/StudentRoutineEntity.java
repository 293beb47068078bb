package amberrail.app.routine;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "student_routine")
class StudentRoutineEntity {
    @Id
    UUID studentId;

    /** One a line. */
    String steps;

    int clockSeconds;
}
