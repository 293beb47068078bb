package amberrail.app.lab;

import amberrail.app.people.SignedIn;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.Require;
import amberrail.core.statistics.GradeScale;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/**
 * The lab's questions; everyone signed in may ask.
 *
 * <p>Bounds are those within which the formulas were checked ({@link InvalidInputException} otherwise).
 */
@RestController
@RequestMapping("/api/v1/lab")
class LabController {
    private final LabKits kits;
    private final StopLab stops;
    private final StraightLab straight;
    private final SideLab sides;
    private final LabStrokes strokes;

    LabController(LabKits kits, StopLab stops, StraightLab straight, SideLab sides, LabStrokes strokes) {
        this.kits = kits;
        this.stops = stops;
        this.straight = straight;
        this.sides = sides;
        this.strokes = strokes;
    }

    @GetMapping("/stop")
    LabViews.StopTable stop(
            @AuthenticationPrincipal SignedIn who,
            @ParameterObject LabAsk ask,
            @RequestParam double distanceMillimetres,
            @RequestParam(defaultValue = "500") double grade) {
        return stops.stop(
                kits.of(who, ask),
                distance(distanceMillimetres),
                Require.between("grade", grade, GradeScale.LOWEST, GradeScale.HIGHEST));
    }

    @GetMapping("/path")
    LabViews.PathStates path(
            @AuthenticationPrincipal SignedIn who,
            @ParameterObject LabAsk ask,
            @RequestParam double paceMetresPerSecond,
            @RequestParam double tipHeightMillimetres) {
        return straight.path(
                kits.of(who, ask),
                pace(paceMetresPerSecond),
                Require.between("tipHeightMillimetres", tipHeightMillimetres, -13, 13));
    }

    @GetMapping("/drag")
    LabViews.DragTable drag(
            @AuthenticationPrincipal SignedIn who,
            @ParameterObject LabAsk ask,
            @RequestParam double distanceMillimetres,
            @RequestParam double arrivalMetresPerSecond) {
        return stops.drag(
                kits.of(who, ask),
                distance(distanceMillimetres),
                Require.between("arrivalMetresPerSecond", arrivalMetresPerSecond, 0, 3));
    }

    @GetMapping("/run-through")
    LabViews.RunTable runThrough(
            @AuthenticationPrincipal SignedIn who,
            @ParameterObject LabAsk ask,
            @RequestParam double distanceMillimetres,
            @RequestParam double paceMetresPerSecond) {
        return straight.runThrough(kits.of(who, ask), distance(distanceMillimetres), pace(paceMetresPerSecond));
    }

    @GetMapping("/side")
    LabViews.SideTable side(
            @AuthenticationPrincipal SignedIn who,
            @ParameterObject LabAsk ask,
            @RequestParam double distanceMillimetres,
            @RequestParam double cutDegrees,
            @RequestParam double sideMillimetres) {
        return sides.side(
                kits.of(who, ask),
                distance(distanceMillimetres),
                Require.between("cutDegrees", cutDegrees, -75, 75),
                Require.between("sideMillimetres", sideMillimetres, -13, 13));
    }

    @GetMapping("/squeeze")
    LabViews.SqueezeTable squeeze(
            @AuthenticationPrincipal SignedIn who,
            @ParameterObject LabAsk ask,
            @RequestParam double distanceMillimetres,
            @RequestParam double cutDegrees,
            @RequestParam double paceMetresPerSecond,
            @RequestParam double toPocketMillimetres) {
        return sides.squeeze(
                kits.of(who, ask),
                distance(distanceMillimetres),
                Require.between("cutDegrees", cutDegrees, -75, 75),
                pace(paceMetresPerSecond),
                Require.between("toPocketMillimetres", toPocketMillimetres, 50, 3_500));
    }

    @GetMapping("/cut")
    LabViews.CutTable cut(
            @AuthenticationPrincipal SignedIn who, @ParameterObject LabAsk ask, @RequestParam double cutDegrees) {
        return straight.cut(kits.of(who, ask), Require.between("cutDegrees", cutDegrees, 0, 89));
    }

    @GetMapping("/near-pocket")
    StrokesView nearPocket(
            @AuthenticationPrincipal SignedIn who,
            @ParameterObject LabAsk ask,
            @RequestParam double fromPocketMillimetres,
            @RequestParam double paceMetresPerSecond) {
        return strokes.nearPocket(
                kits.of(who, ask),
                Require.between("fromPocketMillimetres", fromPocketMillimetres, 60, 400),
                pace(paceMetresPerSecond));
    }

    @GetMapping("/power")
    StrokesView power(
            @AuthenticationPrincipal SignedIn who,
            @ParameterObject LabAsk ask,
            @RequestParam double cutDegrees,
            @RequestParam double paceMetresPerSecond) {
        return strokes.power(
                kits.of(who, ask), Require.between("cutDegrees", cutDegrees, 1, 40), pace(paceMetresPerSecond));
    }

    @GetMapping("/close")
    StrokesView close(
            @AuthenticationPrincipal SignedIn who,
            @ParameterObject LabAsk ask,
            @RequestParam double gapMillimetres,
            @RequestParam double paceMetresPerSecond) {
        return strokes.close(
                kits.of(who, ask),
                Require.between("gapMillimetres", gapMillimetres, 10, 300),
                pace(paceMetresPerSecond));
    }

    private static double distance(double millimetres) {
        return Require.between("distanceMillimetres", millimetres, 50, 3_500);
    }

    private static double pace(double metresPerSecond) {
        return Require.between("paceMetresPerSecond", metresPerSecond, 0.2, 9);
    }
}
