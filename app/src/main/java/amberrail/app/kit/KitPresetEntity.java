package amberrail.app.kit;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A preset that the club has been given. */
@Entity
@Table(name = "kit_preset")
class KitPresetEntity {
    @Id
    String preset;
}
