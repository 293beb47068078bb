package amberrail.app.racks;

import amberrail.core.rack.HouseRules;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** A layout on a table, for a student. */
record RackQuestion(
        @NotNull UUID tableId,
        @NotNull UUID studentId,
        @NotNull HouseRules rules,
        @NotNull @Valid RackLayoutBody layout) {}
