package amberrail.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

@Entity
@Table(name = "club_table")
class ClubTableEntity {
    @Id
    UUID id;

    String name;
    int version;
    String numbers;
    int sortOrder;
    boolean archived;
    String clothName;
    LocalDate clothFittedOn;

    @Enumerated(EnumType.STRING)
    Nap nap;
}
