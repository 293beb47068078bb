package amberrail.core.simulation;

/**
 * Places, velocities and spins of the balls of a group while they press on one another, and how fast these change. SI units; unlike elsewhere there is
 * a vertical velocity, which is dropped at the end.
 */
final class GroupState {
    final double[] radius;
    final double[] mass;
    final double[] x;
    final double[] y;
    final double[] vx;
    final double[] vy;
    final double[] vz;
    final double[] wx;
    final double[] wy;
    final double[] wz;

    private final double[] pullX;
    private final double[] pullY;
    private final double[] pullZ;
    private final double[] turnX;
    private final double[] turnY;
    private final double[] turnZ;

    GroupState(int most) {
        this(new double[most], new double[most]);
    }

    private GroupState(double[] radius, double[] mass) {
        int most = radius.length;
        this.radius = radius;
        this.mass = mass;
        x = new double[most];
        y = new double[most];
        vx = new double[most];
        vy = new double[most];
        vz = new double[most];
        wx = new double[most];
        wy = new double[most];
        wz = new double[most];
        pullX = new double[most];
        pullY = new double[most];
        pullZ = new double[most];
        turnX = new double[most];
        turnY = new double[most];
        turnZ = new double[most];
    }

    /** Another state of the same balls. */
    GroupState another() {
        return new GroupState(radius, mass);
    }

    double distance(int a, int b) {
        double dx = x[b] - x[a];
        double dy = y[b] - y[a];
        return Math.sqrt(dx * dx + dy * dy);
    }

    /** How fast two come nearer along the line of their centres (m/s). */
    double approach(int a, int b) {
        double dx = x[b] - x[a];
        double dy = y[b] - y[a];
        return ((vx[a] - vx[b]) * dx + (vy[a] - vy[b]) * dy) / Math.sqrt(dx * dx + dy * dy);
    }

    void clearRates(int count) {
        for (int i = 0; i < count; i++) {
            pullX[i] = 0;
            pullY[i] = 0;
            pullZ[i] = 0;
            turnX[i] = 0;
            turnY[i] = 0;
            turnZ[i] = 0;
        }
    }

    /** A force J on b at its side towards a, and -J on a; n points from a to b. */
    void push(int a, int b, double nx, double ny, double jx, double jy, double jz) {
        pullX[a] -= jx / mass[a];
        pullY[a] -= jy / mass[a];
        pullZ[a] -= jz / mass[a];
        pullX[b] += jx / mass[b];
        pullY[b] += jy / mass[b];
        pullZ[b] += jz / mass[b];
        // n x J = (ny Jz, -nx Jz, nx Jy - ny Jx)
        double mx = ny * jz;
        double my = -nx * jz;
        double mz = nx * jy - ny * jx;
        twist(a, mx, my, mz);
        twist(b, mx, my, mz);
    }

    private void twist(int i, double mx, double my, double mz) {
        double perInertia = 2.5 / (mass[i] * radius[i]);
        turnX[i] -= perInertia * mx;
        turnY[i] -= perInertia * my;
        turnZ[i] -= perInertia * mz;
    }

    /** This state becomes {@code from} moved on by {@code seconds}, with the velocities and rates of {@code at}. */
    void step(GroupState from, GroupState at, int count, double seconds) {
        for (int i = 0; i < count; i++) {
            x[i] = from.x[i] + seconds * at.vx[i];
            y[i] = from.y[i] + seconds * at.vy[i];
            vx[i] = from.vx[i] + seconds * at.pullX[i];
            vy[i] = from.vy[i] + seconds * at.pullY[i];
            vz[i] = from.vz[i] + seconds * at.pullZ[i];
            wx[i] = from.wx[i] + seconds * at.turnX[i];
            wy[i] = from.wy[i] + seconds * at.turnY[i];
            wz[i] = from.wz[i] + seconds * at.turnZ[i];
        }
    }

    /** A ball's state of this moment. */
    void take(ShotWorkspace balls, int ball, int member) {
        radius[member] = balls.radius[ball];
        mass[member] = balls.mass[ball];
        x[member] = balls.x[ball];
        y[member] = balls.y[ball];
        vx[member] = balls.vx[ball];
        vy[member] = balls.vy[ball];
        vz[member] = 0;
        wx[member] = balls.wx[ball];
        wy[member] = balls.wy[ball];
        wz[member] = balls.wz[ball];
    }

    void give(ShotWorkspace balls, int ball, int member) {
        balls.x[ball] = x[member];
        balls.y[ball] = y[member];
        balls.vx[ball] = vx[member];
        balls.vy[ball] = vy[member];
        balls.wx[ball] = wx[member];
        balls.wy[ball] = wy[member];
        balls.wz[ball] = wz[member];
    }
}
