package amberrail.app.bench;

import com.fasterxml.jackson.databind.JsonNode;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** What the bench asks. */
final class BenchRequests {
    private BenchRequests() {}

    /** A drill as it stands on the bench, and the table it is drawn on. */
    record DraftRequest(@NotNull UUID tableId, @NotNull JsonNode drill) {}

    /** One shot of it. */
    record ShotOfDraftRequest(
            @NotNull UUID tableId,

            @NotNull JsonNode drill,

            @Min(0) int station,
            @Min(0) int shot) {}
}
