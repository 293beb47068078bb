package amberrail.app.racks;

import amberrail.app.export.CsvText;
import amberrail.app.kit.PointView;
import amberrail.app.racks.RackViews.PlayedRackShot;
import amberrail.app.racks.RackViews.RackRow;
import java.util.Arrays;
import java.util.List;

/** Shots of racks as CSV: one line a shot, units in the header. */
final class RackShotCsv {
    static final List<String> COLUMNS = List.of(
            "rack id",
            "started at (UTC)",
            "game",
            "table",
            "layout from",
            "chance of the layout",
            "how the rack ended",
            "shot (from 1)",
            "on",
            "ball",
            "pocket",
            "cue ball x (mm)",
            "cue ball y (mm)",
            "planned pace (m/s)",
            "planned tip height (mm; above +)",
            "planned tip side (mm; right +)",
            "planned x (mm)",
            "planned y (mm)",
            "planned radius (mm)",
            "outcome",
            "down",
            "landing x (mm)",
            "landing y (mm)",
            "break-out");

    private RackShotCsv() {}

    /** A shot and its rack. */
    record Row(RackRow rack, PlayedRackShot played) {}

    static String of(List<Row> rows) {
        return CsvText.of(COLUMNS, rows.stream().map(RackShotCsv::cells).toList());
    }

    private static List<Object> cells(Row row) {
        RackRow rack = row.rack();
        RackShotBody shot = row.played().shot();
        PointView cue = row.played().before().cue();
        RackShotBody.RackStroke stroke = shot.stroke();
        RackShotBody.RackZone zone = shot.planned();
        return Arrays.asList(
                rack.id(),
                rack.startedAt(),
                rack.game(),
                rack.tableName(),
                rack.origin(),
                rack.chance(),
                rack.end(),
                shot.number(),
                row.played().before().stage(),
                shot.ball(),
                shot.pocket(),
                cue == null ? null : cue.xMillimetres(),
                cue == null ? null : cue.yMillimetres(),
                stroke == null ? null : stroke.paceMetresPerSecond(),
                stroke == null ? null : stroke.tipHeightMillimetres(),
                stroke == null ? null : stroke.tipSideMillimetres(),
                zone == null ? null : zone.centre().xMillimetres(),
                zone == null ? null : zone.centre().yMillimetres(),
                zone == null ? null : zone.radiusMillimetres(),
                shot.outcome(),
                String.join(" ", shot.down()),
                shot.landing() == null ? null : shot.landing().xMillimetres(),
                shot.landing() == null ? null : shot.landing().yMillimetres(),
                shot.breakOut());
    }
}
