package amberrail.bare;

import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Stores what it is sent and says so: the least that a recorded attempt could cost with these starters on this machine. */
@RestController
class BareController {
    private final BareRows rows;
    private final TransactionTemplate transaction;

    BareController(BareRows rows, TransactionTemplate transaction) {
        this.rows = rows;
        this.transaction = transaction;
    }

    @PutMapping("/rows/{parent}/{id}")
    ResponseEntity<Map<String, UUID>> put(
            @PathVariable UUID parent, @PathVariable UUID id, @RequestBody Map<String, Object> body) {
        transaction.executeWithoutResult(status -> rows.save(new BareRow(id, parent, body.toString())));
        return ResponseEntity.ok(Map.of("id", id));
    }
}
