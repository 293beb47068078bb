package amberrail.app.template;

import amberrail.core.table.Cushion;
import java.time.LocalDate;
import java.util.UUID;

/** One mark: where along its cushion's nose (mm from the SW corner's side) the cue ball first met it. */
record TemplateMark(UUID id, UUID tableId, LocalDate takenOn, Tip tip, Cushion cushion, double alongMillimetres) {
    /** The tip's height of the stroke, all else the same. */
    enum Tip {
        STUN,
        HIGH,
        LOW
    }
}
