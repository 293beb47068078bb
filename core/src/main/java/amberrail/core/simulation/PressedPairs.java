package amberrail.core.simulation;

import amberrail.core.motion.Physics;

/**
 * The force between each two of a group of balls that press on one another (physics/model.md, section 4b): damped elastic contact, with the friction of
 * a single impact.
 *
 * <p>The balls are numbered within the group; a pair has the slot lower * most + higher. SI units.
 */
final class PressedPairs {
    /** E of the model, a constant for every kind of ball (Pa). */
    private static final double STIFFNESS_PASCAL = 1.0e10;

    /** Below this slip friction is proportional to it (m/s). */
    private static final double SMOOTH_METRES_PER_SECOND = 0.02;

    /** A restitution of 0 would need damping without an end. */
    private static final double LEAST_RESTITUTION = 1e-6;

    private final int most;
    /** Distance at which a pair begins to press (m). */
    private final double[] restLength;

    private final double[] stiffness;
    private final double[] damping;
    /** The largest slip since the contact closed (m/s); -1 while it is open. */
    private final double[] greatestSlip;

    private Physics physics;
    private double dampingShare;

    PressedPairs(int mostBalls) {
        most = mostBalls;
        restLength = new double[most * most];
        stiffness = new double[most * most];
        damping = new double[most * most];
        greatestSlip = new double[most * most];
    }

    void begin(Physics newPhysics) {
        physics = newPhysics;
        double log = Math.log(Math.max(LEAST_RESTITUTION, newPhysics.ballRestitution()));
        dampingShare = -Math.sqrt(5) * log / Math.sqrt(log * log + Math.PI * Math.PI);
    }

    /** A pair of the group: from now on it presses when it is nearer than it touches, or than it is now. */
    void join(GroupState group, int a, int b) {
        int slot = a * most + b;
        double reduced = group.mass[a] * group.mass[b] / (group.mass[a] + group.mass[b]);
        restLength[slot] = Math.min(2 * Math.sqrt(group.radius[a] * group.radius[b]), group.distance(a, b));
        stiffness[slot] = 4.0
                / 3
                * STIFFNESS_PASCAL
                * Math.sqrt(group.radius[a] * group.radius[b] / (group.radius[a] + group.radius[b]));
        damping[slot] = dampingShare * Math.sqrt(reduced * stiffness[slot]);
        greatestSlip[slot] = -1;
    }

    /** How far apart two are beyond their rest length (m); below 0 they press. */
    double gap(GroupState group, int a, int b) {
        return group.distance(a, b) - restLength[a * most + b];
    }

    /**
     * Adds the pair's pull on both to the group's rates; nothing where they do not press.
     *
     * @return whether this is the moment at which the contact closed
     */
    boolean press(GroupState group, int a, int b) {
        int slot = a * most + b;
        double dx = group.x[b] - group.x[a];
        double dy = group.y[b] - group.y[a];
        double squared = dx * dx + dy * dy;
        double rest = restLength[slot];
        if (squared >= rest * rest) {
            greatestSlip[slot] = -1;
            return false;
        }
        double distance = Math.sqrt(squared);
        double depth = rest - distance;
        double nx = dx / distance;
        double ny = dy / distance;
        double spinX = group.radius[a] * group.wx[a] + group.radius[b] * group.wx[b];
        double spinY = group.radius[a] * group.wy[a] + group.radius[b] * group.wy[b];
        double spinZ = group.radius[a] * group.wz[a] + group.radius[b] * group.wz[b];
        double cx = group.vx[a] - group.vx[b] - spinZ * ny;
        double cy = group.vy[a] - group.vy[b] + spinZ * nx;
        double cz = group.vz[a] - group.vz[b] + spinX * ny - spinY * nx;
        double normal = cx * nx + cy * ny;
        double tx = cx - normal * nx;
        double ty = cy - normal * ny;
        double slip = Math.sqrt(tx * tx + ty * ty + cz * cz);
        boolean closes = greatestSlip[slot] < 0;
        greatestSlip[slot] = Math.max(greatestSlip[slot], slip);
        double root = Math.sqrt(depth);
        double force = stiffness[slot] * depth * root + damping[slot] * Math.sqrt(root) * normal;
        double friction = physics.ballFriction().at(greatestSlip[slot])
                * Math.max(force, 0)
                / Math.max(slip, SMOOTH_METRES_PER_SECOND);
        group.push(a, b, nx, ny, force * nx + friction * tx, force * ny + friction * ty, friction * cz);
        return closes;
    }
}
