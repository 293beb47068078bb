package amberrail.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
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
}
