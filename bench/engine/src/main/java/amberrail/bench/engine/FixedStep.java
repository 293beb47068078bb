package amberrail.bench.engine;

import amberrail.core.motion.BallState;
import amberrail.core.motion.CueStrike;
import amberrail.core.motion.Physics;
import amberrail.core.simulation.TableBall;
import amberrail.core.table.NoseSegment;
import amberrail.core.table.Pocket;
import amberrail.core.table.TablePlan;
import java.util.List;

/**
 * The rival: semi-implicit Euler at a constant step, contacts seen only at the end of a step and not interpolated (answers.md,
 * "Engine"). The same model and impact laws, written plainly; jaws are left out, since the shots that are compared touch none.
 */
final class FixedStep {
    private final TablePlan plan;
    private final Physics physics;
    private final double noseHeight;

    FixedStep(TablePlan plan, Physics physics) {
        this.plan = plan;
        this.physics = physics;
        noseHeight = plan.spec().noseHeightMillimetres() / 1000;
    }

    /** Steps of impulse for a cushion's compression, by the midpoint rule: first order would need more of them than the whole way takes. */
    private static final int CUSHION_STEPS = 1000;

    private static final int WORK = 5;

    private static final class Body {
        final double radius;
        final double mass;
        double x;
        double y;
        double vx;
        double vy;
        double wx;
        double wy;
        double wz;
        boolean potted;
        boolean moves;

        /** The spin about a horizontal axis. */
        double wn(double nx, double ny) {
            return wx * nx + wy * ny;
        }

        Body(TableBall ball, BallState state) {
            radius = ball.radiusMetres();
            mass = ball.massKilograms();
            x = state.x();
            y = state.y();
            vx = state.vx();
            vy = state.vy();
            wx = state.wx();
            wy = state.wy();
            wz = state.wz();
            moves = vx != 0 || vy != 0;
        }
    }

    /** Final centres as x, y pairs (m); NaN for a ball that dropped. */
    double[] play(List<TableBall> balls, CueStrike strike, double stepSeconds) {
        Body[] bodies = new Body[balls.size()];
        for (int i = 0; i < bodies.length; i++) {
            TableBall ball = balls.get(i);
            BallState state = i == 0
                    ? strike.launch(ball.state().x(), ball.state().y(), ball.radiusMetres(), physics)
                    : ball.state();
            bodies[i] = new Body(ball, state);
        }
        boolean moving = true;
        while (moving) {
            moving = false;
            for (Body body : bodies) {
                if (!body.potted && body.moves) {
                    advance(body, stepSeconds);
                    moving |= body.moves;
                }
            }
            for (int i = 0; i < bodies.length; i++) {
                for (int j = i + 1; j < bodies.length; j++) {
                    meet(bodies[i], bodies[j]);
                }
                if (bodies[i].moves) {
                    walls(bodies[i]);
                }
            }
        }
        double[] ends = new double[2 * bodies.length];
        for (int i = 0; i < bodies.length; i++) {
            ends[2 * i] = bodies[i].potted ? Double.NaN : bodies[i].x;
            ends[2 * i + 1] = bodies[i].potted ? Double.NaN : bodies[i].y;
        }
        return ends;
    }

    private void advance(Body b, double dt) {
        double g = physics.gravity();
        double ux = b.vx - b.radius * b.wy;
        double uy = b.vy + b.radius * b.wx;
        double slip = Math.sqrt(ux * ux + uy * uy);
        if (slip > 3.5 * physics.slidingFriction() * g * dt) {
            double a = physics.slidingFriction() * g * dt / slip;
            double k = 2.5 * a / b.radius;
            b.vx -= a * ux;
            b.vy -= a * uy;
            b.wx -= k * uy;
            b.wy += k * ux;
        } else {
            double speed = Math.sqrt(b.vx * b.vx + b.vy * b.vy);
            double loss = physics.rollingFriction() * g * dt;
            if (speed <= loss) {
                b.vx = 0;
                b.vy = 0;
                b.moves = false;
            } else {
                b.vx -= loss * b.vx / speed;
                b.vy -= loss * b.vy / speed;
            }
            b.wx = -b.vy / b.radius;
            b.wy = b.vx / b.radius;
        }
        b.wz = Math.copySign(Math.max(0, Math.abs(b.wz) - physics.spinDeceleration() * dt), b.wz);
        b.x += b.vx * dt;
        b.y += b.vy * dt;
    }

    private void meet(Body a, Body b) {
        if (a.potted || b.potted || !a.moves && !b.moves) {
            return;
        }
        double nx = b.x - a.x;
        double ny = b.y - a.y;
        double squared = nx * nx + ny * ny;
        if (squared > 4 * a.radius * b.radius) {
            return;
        }
        double distance = Math.sqrt(squared);
        nx /= distance;
        ny /= distance;
        double sx = a.radius * a.wx + b.radius * b.wx;
        double sy = a.radius * a.wy + b.radius * b.wy;
        double sz = a.radius * a.wz + b.radius * b.wz;
        double cx = a.vx - b.vx - sz * ny;
        double cy = a.vy - b.vy + sz * nx;
        double cz = sx * ny - sy * nx;
        double normal = cx * nx + cy * ny;
        if (normal <= 0) {
            return;
        }
        double tx = cx - normal * nx;
        double ty = cy - normal * ny;
        double slip = Math.sqrt(tx * tx + ty * ty + cz * cz);
        double reduced = a.mass * b.mass / (a.mass + b.mass);
        double pn = (1 + physics.ballRestitution()) * reduced * normal;
        double pt = slip < 1e-12 ? 0 : Math.min(physics.ballFriction().at(slip) * pn, 2.0 / 7 * reduced * slip) / slip;
        double jx = pn * nx + pt * tx;
        double jy = pn * ny + pt * ty;
        double jz = pt * cz;
        push(a, -jx, -jy, nx, ny, jx, jy, jz);
        push(b, jx, jy, nx, ny, jx, jy, jz);
    }

    private static void push(Body b, double px, double py, double nx, double ny, double jx, double jy, double jz) {
        b.vx += px / b.mass;
        b.vy += py / b.mass;
        double k = 2.5 / (b.mass * b.radius);
        b.wx -= k * ny * jz;
        b.wy += k * nx * jz;
        b.wz -= k * (nx * jy - ny * jx);
        b.moves = true;
    }

    private void walls(Body b) {
        double sine = (noseHeight - b.radius) / b.radius;
        double cosine = Math.sqrt(1 - sine * sine);
        double c = b.radius * cosine;
        for (NoseSegment nose : plan.noseSegments()) {
            double nx = nose.cushion().inward().x();
            double ny = nose.cushion().inward().y();
            double startX = nose.start().xMillimetres() / 1000;
            double startY = nose.start().yMillimetres() / 1000;
            double depth = (b.x - startX) * nx + (b.y - startY) * ny;
            if (depth > c || depth < 0) {
                continue;
            }
            double alongX = nose.end().xMillimetres() / 1000 - startX;
            double alongY = nose.end().yMillimetres() / 1000 - startY;
            double share = ((b.x - startX) * alongX + (b.y - startY) * alongY) / (alongX * alongX + alongY * alongY);
            if (share >= 0 && share <= 1) {
                cushion(b, -nx, -ny, sine, cosine);
            }
        }
        for (Pocket pocket : plan.pockets()) {
            double dx = b.x - pocket.captureCentre().xMillimetres() / 1000;
            double dy = b.y - pocket.captureCentre().yMillimetres() / 1000;
            double rc = pocket.shape().captureRadiusMillimetres() / 1000;
            if (dx * dx + dy * dy <= rc * rc) {
                b.potted = true;
                b.moves = false;
            }
        }
    }

    private void cushion(Body b, double nx, double ny, double sine, double cosine) {
        double tx = -ny;
        double ty = nx;
        double vn = b.vx * nx + b.vy * ny;
        if (vn <= 0) {
            return;
        }
        double vt = b.vx * tx + b.vy * ty;
        double restitution = physics.cushionRestitutionAt(vn);
        double[] v = {vn, vt, b.wn(nx, ny), b.wn(tx, ty), b.wz, 0};
        double[] middle = new double[v.length];
        double[] slope = new double[v.length];
        double smooth = 0.05 * Math.max(1, vn);
        double dp = vn / CUSHION_STEPS;
        double most = 0;
        double left = Double.POSITIVE_INFINITY;
        while (left > 0) {
            slope(slope, v, b.radius, sine, cosine, smooth);
            for (int i = 0; i < v.length; i++) {
                middle[i] = v[i] + dp / 2 * slope[i];
            }
            slope(slope, middle, b.radius, sine, cosine, smooth);
            double before = v[WORK];
            double share = 1;
            if (v[0] <= 0) {
                double end = (1 - restitution * restitution) * most;
                left = before + dp * slope[WORK] - end;
                // The last step only as far as the work given back.
                share = left > 0 ? 1 : Math.min(1, Math.max(0, (before - end) / Math.max(-dp * slope[WORK], 1e-300)));
            }
            for (int i = 0; i < v.length; i++) {
                v[i] += share * dp * slope[i];
            }
            most = Math.max(most, v[WORK]);
        }
        vn = v[0];
        vt = v[1];
        double wn = v[2];
        double wt = v[3];
        b.wz = v[4];
        b.vx = vn * nx + vt * tx;
        b.vy = vn * ny + vt * ty;
        b.wx = wn * nx + wt * tx;
        b.wy = wn * ny + wt * ty;
    }

    /** Per unit of impulse over mass: of the speeds into and along the cushion, of the three spins, and of the work done on it. */
    private void slope(double[] out, double[] v, double radius, double sine, double cosine, double smooth) {
        double s1 = v[1] + radius * (v[4] * cosine - v[2] * sine);
        double s2 = -v[0] * sine - radius * v[3];
        double rub = physics.cushionFriction() / Math.max(Math.sqrt(s1 * s1 + s2 * s2), smooth);
        double q1 = rub * s1;
        double q2 = rub * s2;
        double un = v[0] - radius * v[3];
        double ut = v[1] + radius * v[2];
        double cloth = physics.slidingFriction()
                * Math.max(0, sine + q2 * cosine)
                / Math.max(Math.sqrt(un * un + ut * ut), smooth);
        double k = 2.5 / radius;
        out[0] = -cosine + q2 * sine - cloth * un;
        out[1] = -q1 - cloth * ut;
        out[2] = k * (q1 * sine - cloth * ut);
        out[3] = k * (q2 + cloth * un);
        out[4] = -k * q1 * cosine;
        out[WORK] = cosine * v[0];
    }
}
