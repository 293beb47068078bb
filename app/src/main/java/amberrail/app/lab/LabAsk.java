package amberrail.app.lab;

import amberrail.core.table.TableKind;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import java.util.UUID;

/**
 * What a question is asked of.
 *
 * @param kind    the game
 * @param tableId one of the club's tables as it is known; without it the usual one of the game
 * @param cueId   one of the club's cues; without it the usual one
 */
record LabAsk(@NotNull TableKind kind, Optional<UUID> tableId, Optional<UUID> cueId) {
    LabAsk {
        tableId = tableId == null ? Optional.empty() : tableId;
        cueId = cueId == null ? Optional.empty() : cueId;
    }
}
