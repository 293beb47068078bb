package amberrail.core.simulation;

import amberrail.core.motion.Physics;

/** The two impact laws of physics/model.md (sections 4 and 5), working in place on the workspace's arrays. */
final class Impacts {
    private static final double NO_SLIP = 1e-12;
    /** Slower approaches to a cushion lose all their normal speed (model.md, section 13). */
    private static final double INELASTIC_BELOW_METRES_PER_SECOND = 1e-4;

    private Impacts() {}

    /** Balls a and b touch and close in; n points from a to b. */
    static void balls(ShotWorkspace w, int a, int b, Physics physics) {
        double nx = w.x[b] - w.x[a];
        double ny = w.y[b] - w.y[a];
        double distance = Math.sqrt(nx * nx + ny * ny);
        nx /= distance;
        ny /= distance;
        // c = vA - vB + (RA wA + RB wB) x n, with n horizontal: (W x n) = (-Wz ny, Wz nx, Wx ny - Wy nx)
        double spinX = w.radius[a] * w.wx[a] + w.radius[b] * w.wx[b];
        double spinY = w.radius[a] * w.wy[a] + w.radius[b] * w.wy[b];
        double spinZ = w.radius[a] * w.wz[a] + w.radius[b] * w.wz[b];
        double cx = w.vx[a] - w.vx[b] - spinZ * ny;
        double cy = w.vy[a] - w.vy[b] + spinZ * nx;
        double cz = spinX * ny - spinY * nx;
        double normal = cx * nx + cy * ny;
        if (normal <= 0) {
            return;
        }
        double tx = cx - normal * nx;
        double ty = cy - normal * ny;
        double slip = Math.sqrt(tx * tx + ty * ty + cz * cz);
        double reduced = w.mass[a] * w.mass[b] / (w.mass[a] + w.mass[b]);
        double pn = (1 + physics.ballRestitution()) * reduced * normal;
        double jx = pn * nx;
        double jy = pn * ny;
        double jz = 0;
        if (slip >= NO_SLIP) {
            double pt = Math.min(physics.ballFriction().at(slip) * pn, 2.0 / 7 * reduced * slip);
            jx += pt * tx / slip;
            jy += pt * ty / slip;
            jz = pt * cz / slip;
        }
        w.vx[a] -= jx / w.mass[a];
        w.vy[a] -= jy / w.mass[a];
        w.vx[b] += jx / w.mass[b];
        w.vy[b] += jy / w.mass[b];
        // n x J = (ny Jz, -nx Jz, nx Jy - ny Jx)
        double mx = ny * jz;
        double my = -nx * jz;
        double mz = nx * jy - ny * jx;
        twist(w, a, mx, my, mz);
        twist(w, b, mx, my, mz);
    }

    private static void twist(ShotWorkspace w, int ball, double mx, double my, double mz) {
        double perInertia = 2.5 / (w.mass[ball] * w.radius[ball]);
        w.wx[ball] -= perInertia * mx;
        w.wy[ball] -= perInertia * my;
        w.wz[ball] -= perInertia * mz;
    }

    /** A ball meets a cushion or jaw; (nx, ny) points from the ball into the cushion (Han 2005). */
    static void cushion(ShotWorkspace w, int ball, double nx, double ny, Physics physics) {
        double radius = w.radius[ball];
        double sin = w.cushionSine[ball];
        double cos = w.cushionCosine[ball];
        double tx = -ny;
        double ty = nx;
        double vN = w.vx[ball] * nx + w.vy[ball] * ny;
        double vT = w.vx[ball] * tx + w.vy[ball] * ty;
        if (vN < INELASTIC_BELOW_METRES_PER_SECOND) {
            w.vx[ball] = vT * tx;
            w.vy[ball] = vT * ty;
            return;
        }
        double wN = w.wx[ball] * nx + w.wy[ball] * ny;
        double wT = w.wx[ball] * tx + w.wy[ball] * ty;
        double s1 = vT + radius * (w.wz[ball] * cos - wN * sin);
        double s2 = -vN * sin - radius * wT;
        double slip = Math.sqrt(s1 * s1 + s2 * s2);
        double pn = (1 + physics.cushionRestitution()) * vN * cos;
        double pt = Math.min(2.0 / 7 * slip, physics.cushionFriction() * pn);
        double q1 = slip < NO_SLIP ? 0 : pt * s1 / slip;
        double q2 = slip < NO_SLIP ? 0 : pt * s2 / slip;
        double newN = vN - pn * cos + q2 * sin;
        double newT = vT - q1;
        double perRadius = 2.5 / radius;
        double spinN = wN + perRadius * q1 * sin;
        double spinT = wT + perRadius * q2;
        w.vx[ball] = newN * nx + newT * tx;
        w.vy[ball] = newN * ny + newT * ty;
        w.wx[ball] = spinN * nx + spinT * tx;
        w.wy[ball] = spinN * ny + spinT * ty;
        w.wz[ball] -= perRadius * q1 * cos;
    }
}
