package amberrail.app.plan;

import amberrail.core.drill.Skill;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDate;
import java.util.UUID;

@Entity
@Table(name = "practice_goal")
@IdClass(GoalEntity.Key.class)
class GoalEntity {
    @Id
    UUID studentId;

    @Id
    @Enumerated(EnumType.STRING)
    Skill skill;

    double weight;

    /** Grade points; null: no goal, only a weight. */
    Integer grade;

    LocalDate byDay;

    /** Whose, in which skill. */
    static class Key implements Serializable {
        UUID studentId;
        Skill skill;

        Key() {}

        @Override
        public boolean equals(Object other) {
            return other instanceof Key key && key.studentId.equals(studentId) && key.skill == skill;
        }

        @Override
        public int hashCode() {
            return 31 * studentId.hashCode() + skill.hashCode();
        }
    }
}
