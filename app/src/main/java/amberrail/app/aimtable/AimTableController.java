package amberrail.app.aimtable;

import amberrail.app.kit.KitService;
import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.core.aiming.CueAim;
import amberrail.core.geometry.Units;
import amberrail.core.motion.CueStrike;
import amberrail.core.table.TableSpec;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The aim table of a cue on a table; everybody who may use both may see it. */
@RestController
@RequestMapping("/api/v1/kit/aim-table")
class AimTableController {
    private static final double[] DISTANCES_METRES = {0.5, 1.0, 1.5, 2.0, 2.5};
    /** Soft, medium, firm and hard (model.md, section 8). */
    private static final double[] PACES_METRES_PER_SECOND = {1, 2, 3, 4.5};
    /** Half a tip, one tip, one and a half. */
    private static final double[] TIPS = {0.25, 0.5, 0.75};

    private final KitService kit;

    AimTableController(KitService kit) {
        this.kit = kit;
    }

    /**
     * One aim: to the left of the ball for side on the right (mm at the ball), with the 90 % interval that the cue's own leaves; left out where the
     * stroke does not get there.
     */
    record AimCell(
            double paceMetresPerSecond,
            double tipSideMillimetres,
            @MayBeMissing Double leftMillimetres,
            @MayBeMissing Double lowerMillimetres,
            @MayBeMissing Double upperMillimetres) {}

    /** All aims over one distance from ball to ball. */
    record AimRow(double distanceMillimetres, List<AimCell> cells) {}

    /** For one cue on one table. */
    record AimTableView(
            String tableName,
            String cueName,
            double tipDiameterMillimetres,
            List<Double> pacesMetresPerSecond,
            List<Double> tipSidesMillimetres,
            List<AimRow> rows) {}

    @GetMapping
    AimTableView aimTable(@AuthenticationPrincipal SignedIn who, @RequestParam UUID tableId, @RequestParam UUID cueId) {
        KitService.ClubTable table = kit.table(tableId);
        KitService.KnownCue cue = kit.cue(who, cueId);
        List<Double> sides = Arrays.stream(TIPS)
                .map(tips -> tips * cue.figures().tipDiameterMillimetres())
                .boxed()
                .toList();
        return new AimTableView(
                table.name(),
                cue.name(),
                cue.figures().tipDiameterMillimetres(),
                Arrays.stream(PACES_METRES_PER_SECOND).boxed().toList(),
                sides,
                Arrays.stream(DISTANCES_METRES)
                        .mapToObj(metres -> row(table.spec(), cue, metres, sides))
                        .toList());
    }

    private static AimRow row(TableSpec table, KitService.KnownCue cue, double metres, List<Double> sides) {
        return new AimRow(
                Units.millimetres(metres),
                sides.stream()
                        .flatMap(side -> Arrays.stream(PACES_METRES_PER_SECOND)
                                .mapToObj(pace -> cell(table, cue, metres, pace, side)))
                        .toList());
    }

    private static AimCell cell(TableSpec table, KitService.KnownCue cue, double metres, double pace, double side) {
        OptionalDouble aim = left(
                table, cue, metres, pace, side, cue.figures().endMassRatio().value());
        if (aim.isEmpty()) {
            return new AimCell(pace, side, null, null, null);
        }
        double heavy = left(
                        table,
                        cue,
                        metres,
                        pace,
                        side,
                        cue.figures().endMassRatio().interval().lower())
                .orElseThrow();
        double light = left(
                        table,
                        cue,
                        metres,
                        pace,
                        side,
                        cue.figures().endMassRatio().interval().upper())
                .orElseThrow();
        return new AimCell(pace, side, aim.getAsDouble(), Math.min(heavy, light), Math.max(heavy, light));
    }

    private static OptionalDouble left(
            TableSpec table, KitService.KnownCue cue, double metres, double pace, double side, double ratio) {
        double radius = table.balls().cueBall().radiusMillimetres();
        CueStrike strike = new CueStrike(
                pace, 0, side / radius, 0, cue.figures().elevationDegrees().value(), OptionalDouble.of(ratio));
        return CueAim.leftMillimetres(strike, metres, Units.metres(radius), table.physics());
    }
}
