package amberrail.bare;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** One row of about an attempt's size. */
@Entity
@Table(name = "bare_row")
public class BareRow {
    @Id
    private UUID id;

    @Column(nullable = false)
    private UUID parent;

    @Column(nullable = false, length = 1000)
    private String body;

    protected BareRow() {}

    BareRow(UUID id, UUID parent, String body) {
        this.id = id;
        this.parent = parent;
        this.body = body;
    }
}
