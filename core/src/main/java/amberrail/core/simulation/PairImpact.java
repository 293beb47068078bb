package amberrail.core.simulation;

import amberrail.core.motion.Physics;

/** Two balls meet (physics/model.md, section 4), worked out in place on the workspace's arrays. */
final class PairImpact {
    private static final double NO_SLIP = 1e-12;

    private PairImpact() {}

    /** Balls a and b touch and close in; n points from a to b. */
    static void strike(ShotWorkspace w, int a, int b, Physics physics) {
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
}
