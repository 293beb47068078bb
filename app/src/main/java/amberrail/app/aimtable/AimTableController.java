package amberrail.app.aimtable;

import amberrail.app.kit.CueFigures;
import amberrail.app.kit.KitService;
import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.core.aiming.AimTable;
import java.util.List;
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
            @MayBeMissing Double upperMillimetres) {
        static AimCell of(AimTable.Cell cell) {
            return new AimCell(
                    cell.paceMetresPerSecond(),
                    cell.tipSideMillimetres(),
                    cell.aim().map(AimTable.Aim::leftMillimetres).orElse(null),
                    cell.aim().map(aim -> aim.between().lower()).orElse(null),
                    cell.aim().map(aim -> aim.between().upper()).orElse(null));
        }
    }

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
        CueFigures figures = cue.figures();
        AimTable aims = AimTable.of(
                new AimTable.Cue(
                        figures.tipDiameterMillimetres(),
                        figures.endMassRatio().value(),
                        figures.endMassRatio().interval(),
                        figures.elevationDegrees().value()),
                table.spec().balls().cueBall().radiusMillimetres(),
                table.spec().physics());
        return new AimTableView(
                table.name(),
                cue.name(),
                figures.tipDiameterMillimetres(),
                aims.pacesMetresPerSecond(),
                aims.tipSidesMillimetres(),
                aims.rows().stream()
                        .map(row -> new AimRow(
                                row.distanceMillimetres(),
                                row.cells().stream().map(AimCell::of).toList()))
                        .toList());
    }
}
