package amberrail.app.export;

import amberrail.app.attempts.FactsText;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;

/** Attempts as CSV, one line each. */
final class AttemptCsv {
    static final List<String> COLUMNS = List.of(
            "attempt id",
            "session id",
            "student",
            "played at (UTC)",
            "drill id",
            "drill version",
            "station (from 1)",
            "mirrored",
            "shot (from 1)",
            "try id",
            "sequence",
            "table",
            "outcome",
            "foul",
            "in-off",
            "landing x (mm)",
            "landing y (mm)",
            "placed by",
            "placing SD (mm)",
            "facts (JSON)",
            "line error (mm; left +)",
            "speed error (mm; long +)",
            "result",
            "faults",
            "called pace (m/s)",
            "called tip height (mm; above +)",
            "called tip side (mm; right +)",
            "observations",
            "note",
            "late");

    private AttemptCsv() {}

    static String of(List<AttemptRow> rows) {
        return CsvText.of(COLUMNS, rows.stream().map(AttemptCsv::values).toList());
    }

    private static List<Object> values(AttemptRow row) {
        return Arrays.asList(
                row.attemptId(),
                row.sessionId(),
                row.student(),
                row.playedAt(),
                row.drillId(),
                row.drillVersion(),
                row.station(),
                row.mirrored(),
                row.shot(),
                row.tryId(),
                row.sequence(),
                row.tableName(),
                row.outcome(),
                row.foul(),
                row.inOff(),
                row.landingX(),
                row.landingY(),
                row.placedBy(),
                row.placingSd(),
                FactsText.write(row.facts()),
                hundredths(row.lineError()),
                hundredths(row.speedError()),
                row.result(),
                String.join("; ", row.faults()),
                row.callPace(),
                row.callHeight(),
                row.callSide(),
                String.join("; ", row.observations()),
                row.note(),
                row.late());
    }

    private static BigDecimal hundredths(Double value) {
        return value == null ? null : BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_EVEN);
    }
}
