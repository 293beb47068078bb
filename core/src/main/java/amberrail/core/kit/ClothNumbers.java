package amberrail.core.kit;

import amberrail.core.motion.Physics;
import amberrail.core.problem.Require;

/**
 * What a table check finds.
 *
 * @param rollingFriction    mu_r
 * @param slidingFriction    mu_s
 * @param cushionRestitution of a cushion at low speed
 * @param driftX             acceleration of a rolling ball along +x (m/s²)
 * @param driftY             the same along +y
 */
public record ClothNumbers(
        double rollingFriction, double slidingFriction, double cushionRestitution, double driftX, double driftY) {
    /** A ball that rolls must come to rest: drift at most so much of what rolling takes away. */
    private static final double MOST_DRIFT_SHARE = 0.9;

    public ClothNumbers {
        Require.positive("rollingFriction", rollingFriction);
        Require.positive("slidingFriction", slidingFriction);
        Require.between("cushionRestitution", cushionRestitution, 0, 1);
        Require.finite("driftX", driftX);
        Require.finite("driftY", driftY);
    }

    public static ClothNumbers of(Physics physics) {
        return new ClothNumbers(
                physics.rollingFriction(),
                physics.slidingFriction(),
                physics.cushionRestitution(),
                physics.driftX(),
                physics.driftY());
    }

    /** All else as in {@code preset}; a drift that would start a ball is cut. */
    public Physics on(Physics preset) {
        double most = MOST_DRIFT_SHARE * rollingFriction * preset.gravity();
        double drift = Math.hypot(driftX, driftY);
        double share = drift > most ? most / drift : 1;
        return new Physics(
                preset.gravity(),
                slidingFriction,
                rollingFriction,
                preset.spinDeceleration(),
                driftX * share,
                driftY * share,
                preset.ballRestitution(),
                preset.ballFriction(),
                Math.max(preset.cushionRestitutionFloor(), cushionRestitution),
                preset.cushionRestitutionSlope(),
                preset.cushionRestitutionFloor(),
                preset.cushionFriction(),
                preset.miscueLimit());
    }
}
