package amberrail.core.table;

import amberrail.core.problem.Require;

/**
 * The measures of one kind of pocket (corner or side), as physics/model.md section 6 names them.
 *
 * @param mouthMillimetres         M, between the virtual jaw points
 * @param facingTurnDegrees        delta, 180 less the rule-book pocket angle
 * @param jawRadiusMillimetres     rj of the arc between nose and facing
 * @param facingLengthMillimetres  lf of the straight facing
 * @param shelfMillimetres         from the middle of the mouth to the capture circle
 * @param captureRadiusMillimetres rc; a ball whose centre is this near to the circle's centre is potted
 */
public record PocketShape(
        double mouthMillimetres,
        double facingTurnDegrees,
        double jawRadiusMillimetres,
        double facingLengthMillimetres,
        double shelfMillimetres,
        double captureRadiusMillimetres) {
    /** The same pocket, wider or narrower. */
    public PocketShape withMouth(double millimetres) {
        return new PocketShape(
                millimetres,
                facingTurnDegrees,
                jawRadiusMillimetres,
                facingLengthMillimetres,
                shelfMillimetres,
                captureRadiusMillimetres);
    }

    public PocketShape {
        Require.positive("mouthMillimetres", mouthMillimetres);
        Require.between("facingTurnDegrees", facingTurnDegrees, 0, 90);
        Require.positive("jawRadiusMillimetres", jawRadiusMillimetres);
        Require.positive("facingLengthMillimetres", facingLengthMillimetres);
        Require.notNegative("shelfMillimetres", shelfMillimetres);
        Require.positive("captureRadiusMillimetres", captureRadiusMillimetres);
    }
}
