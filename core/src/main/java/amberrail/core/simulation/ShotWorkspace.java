package amberrail.core.simulation;

import amberrail.core.motion.BallState;
import amberrail.core.motion.Physics;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;

/**
 * The balls of one shot as arrays, each on its present piece of constant acceleration.
 *
 * <p>SI units. A ball's state belongs to the moment {@code since}; between {@code since} and {@code until} it moves on r + v t + a
 * t²/2. Used again for shot after shot without making garbage; not for use by two threads at once.
 */
final class ShotWorkspace {
    static final int REST = 0;
    static final int SLIDING = 1;
    static final int ROLLING = 2;
    static final int POTTED = 3;

    private static final double NO_SLIP_METRES_PER_SECOND = 1e-9;
    private static final double STANDS_METRES_PER_SECOND = 1e-9;

    int count;
    final double[] x;
    final double[] y;
    final double[] vx;
    final double[] vy;
    final double[] wx;
    final double[] wy;
    final double[] wz;
    final double[] ax;
    final double[] ay;
    /** Change of the horizontal spin while sliding (rad/s²). */
    final double[] spinRateX;

    final double[] spinRateY;
    final double[] since;
    final double[] until;
    final double[] radius;
    final double[] mass;
    /** c: distance from centre to nose at contact, and the tilt of that contact. */
    final double[] noseDistance;

    final double[] cushionSine;
    final double[] cushionCosine;
    final int[] phase;
    final int[] pocket;

    /** Where a piece on a table that is not level ends exactly; its parabola is only very near. */
    private final double[] endX;

    private final double[] endY;
    private final double[] endVx;
    private final double[] endVy;
    private final boolean[] endsAtRest;
    private final DriftRoll driftRoll = new DriftRoll();

    private Physics physics;
    private boolean drift;
    private double driftX;
    private double driftY;

    ShotWorkspace(int most) {
        x = new double[most];
        y = new double[most];
        vx = new double[most];
        vy = new double[most];
        wx = new double[most];
        wy = new double[most];
        wz = new double[most];
        ax = new double[most];
        ay = new double[most];
        spinRateX = new double[most];
        spinRateY = new double[most];
        since = new double[most];
        until = new double[most];
        radius = new double[most];
        mass = new double[most];
        noseDistance = new double[most];
        cushionSine = new double[most];
        cushionCosine = new double[most];
        phase = new int[most];
        pocket = new int[most];
        endX = new double[most];
        endY = new double[most];
        endVx = new double[most];
        endVy = new double[most];
        endsAtRest = new boolean[most];
    }

    void begin(Physics newPhysics) {
        physics = newPhysics;
        driftX = newPhysics.driftX();
        driftY = newPhysics.driftY();
        drift = newPhysics.hasDrift();
        driftRoll.slopeIsDrawn(false);
        count = 0;
    }

    /** Before any ball is added: the table slopes by so much more than is known (m/s²). */
    void tilt(double moreDriftX, double moreDriftY) {
        driftRoll.slopeIsDrawn(moreDriftX != 0 || moreDriftY != 0);
        driftX += moreDriftX;
        driftY += moreDriftY;
        drift = driftX != 0 || driftY != 0;
    }

    /** Adds a ball at time 0; {@code INVALID_PARAMETER} if the cushion's nose is not between its centre and its top. */
    int add(BallState state, double radiusMetres, double massKilograms, double noseHeightMetres) {
        int i = count++;
        radius[i] = radiusMetres;
        mass[i] = massKilograms;
        double sine = (noseHeightMetres - radiusMetres) / radiusMetres;
        if (!(sine > 0 && sine < 1)) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER,
                    "radiusMetres",
                    radiusMetres,
                    "must put the cushion's nose at " + noseHeightMetres + " m between the ball's centre and its top");
        }
        cushionSine[i] = sine;
        cushionCosine[i] = Math.sqrt(1 - sine * sine);
        noseDistance[i] = radiusMetres * cushionCosine[i];
        set(i, state);
        pocket[i] = -1;
        since[i] = 0;
        return i;
    }

    void set(int i, BallState state) {
        x[i] = state.x();
        y[i] = state.y();
        vx[i] = state.vx();
        vy[i] = state.vy();
        wx[i] = state.wx();
        wy[i] = state.wy();
        wz[i] = state.wz();
    }

    /** The strike of physics/model.md section 3 from a launch direction psi (rad), as {@code CueStrike.launch} has it. */
    void strike(int i, double speed, double psi, double side, double height, double elevationRadians) {
        double cos = Math.cos(psi);
        double sin = Math.sin(psi);
        double k = 2.5 * speed / (radius[i] * Math.cos(elevationRadians));
        double raised = side * Math.sin(elevationRadians);
        vx[i] = speed * cos;
        vy[i] = speed * sin;
        wx[i] = k * (raised * cos - height * sin);
        wy[i] = k * (raised * sin + height * cos);
        wz[i] = k * side * Math.cos(elevationRadians);
    }

    boolean moves(int i) {
        return phase[i] == SLIDING || phase[i] == ROLLING;
    }

    /** Distance of two balls' centres at which they touch (m). */
    double touching(int a, int b) {
        return radius[a] == radius[b] ? 2 * radius[a] : 2 * Math.sqrt(radius[a] * radius[b]);
    }

    /** Where a ball is at a later moment of its piece (m). */
    double xAt(int i, double time) {
        double t = Math.max(0, time - since[i]);
        return x[i] + t * (vx[i] + 0.5 * t * ax[i]);
    }

    double yAt(int i, double time) {
        double t = Math.max(0, time - since[i]);
        return y[i] + t * (vy[i] + 0.5 * t * ay[i]);
    }

    /** x, y, vx, vy, wx, wy, wz of a ball, into {@code target} from {@code at} on. */
    void copy(int i, double[] target, int at) {
        target[at] = x[i];
        target[at + 1] = y[i];
        target[at + 2] = vx[i];
        target[at + 3] = vy[i];
        target[at + 4] = wx[i];
        target[at + 5] = wy[i];
        target[at + 6] = wz[i];
    }

    /** Brings a ball to a later moment of its piece. */
    void advance(int i, double time) {
        double dt = time - since[i];
        if (dt <= 0) {
            return;
        }
        x[i] += dt * (vx[i] + 0.5 * dt * ax[i]);
        y[i] += dt * (vy[i] + 0.5 * dt * ay[i]);
        vx[i] += dt * ax[i];
        vy[i] += dt * ay[i];
        if (phase[i] == SLIDING) {
            wx[i] += dt * spinRateX[i];
            wy[i] += dt * spinRateY[i];
        } else if (phase[i] == ROLLING) {
            wx[i] = -vy[i] / radius[i];
            wy[i] = vx[i] / radius[i];
        }
        double turning = Math.abs(wz[i]) - physics.spinDeceleration() * dt;
        wz[i] = turning <= 0 ? 0 : Math.copySign(turning, wz[i]);
        since[i] = time;
    }

    /** Ends the present piece at its own end: sliding becomes rolling, rolling ends or goes on along the curve. */
    void endPiece(int i) {
        boolean slid = phase[i] == SLIDING;
        advance(i, until[i]);
        since[i] = until[i];
        if (slid) {
            // Exactly rolling: rounding must not leave a slip that slides again.
            wx[i] = -vy[i] / radius[i];
            wy[i] = vx[i] / radius[i];
        } else if (drift) {
            x[i] = endX[i];
            y[i] = endY[i];
            vx[i] = endVx[i];
            vy[i] = endVy[i];
            wx[i] = -vy[i] / radius[i];
            wy[i] = vx[i] / radius[i];
            if (endsAtRest[i]) {
                rest(i);
                return;
            }
        } else {
            rest(i);
            return;
        }
        startPiece(i);
    }

    /** Looks at a ball anew, after the strike, an impact or the end of a piece. */
    void startPiece(int i) {
        double slipX = vx[i] - radius[i] * wy[i];
        double slipY = vy[i] + radius[i] * wx[i];
        double slip = Math.sqrt(slipX * slipX + slipY * slipY);
        if (slip > NO_SLIP_METRES_PER_SECOND) {
            slide(i, slipX / slip, slipY / slip, slip);
        } else if (Math.abs(vx[i]) + Math.abs(vy[i]) > STANDS_METRES_PER_SECOND) {
            roll(i);
        } else {
            rest(i);
        }
    }

    private void slide(int i, double ux, double uy, double slip) {
        double mu = physics.slidingFriction() * physics.gravity();
        phase[i] = SLIDING;
        ax[i] = -mu * ux + driftX;
        ay[i] = -mu * uy + driftY;
        double k = 2.5 * mu / radius[i];
        spinRateX[i] = -k * uy - driftY / radius[i];
        spinRateY[i] = k * ux + driftX / radius[i];
        until[i] = since[i] + 2 * slip / (7 * mu);
    }

    private void roll(int i) {
        phase[i] = ROLLING;
        double deceleration = physics.rollingFriction() * physics.gravity();
        if (drift) {
            driftRoll.next(x[i], y[i], vx[i], vy[i], driftX, driftY, deceleration);
            ax[i] = driftRoll.ax;
            ay[i] = driftRoll.ay;
            until[i] = since[i] + driftRoll.seconds;
            endX[i] = driftRoll.endX;
            endY[i] = driftRoll.endY;
            endVx[i] = driftRoll.endVx;
            endVy[i] = driftRoll.endVy;
            endsAtRest[i] = driftRoll.stops;
        } else {
            double speed = Math.sqrt(vx[i] * vx[i] + vy[i] * vy[i]);
            ax[i] = -deceleration * vx[i] / speed;
            ay[i] = -deceleration * vy[i] / speed;
            until[i] = since[i] + speed / deceleration;
        }
    }

    private void rest(int i) {
        phase[i] = REST;
        vx[i] = 0;
        vy[i] = 0;
        wx[i] = 0;
        wy[i] = 0;
        ax[i] = 0;
        ay[i] = 0;
        until[i] = Double.POSITIVE_INFINITY;
    }

    void drop(int i, int intoPocket) {
        rest(i);
        phase[i] = POTTED;
        pocket[i] = intoPocket;
    }
}
