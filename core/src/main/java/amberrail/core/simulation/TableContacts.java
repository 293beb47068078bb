package amberrail.core.simulation;

import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Units;
import amberrail.core.table.Cushion;
import amberrail.core.table.Jaw;
import amberrail.core.table.NoseSegment;
import amberrail.core.table.Pocket;
import amberrail.core.table.PocketName;
import amberrail.core.table.TablePlan;
import java.util.Optional;

/** A table's noses, jaws and capture circles as plain numbers in metres, for the engine's loop. */
final class TableContacts {
    /** Beyond the widest mouth and its longest jaw, measured from the pocket's virtual corner. */
    private static final double POCKET_REACH_METRES = 0.22;

    final double lengthMetres;
    final double widthMetres;
    final double noseHeightMetres;

    /** Straight noses and facings: foot between start and end, contact at distance c on the side of the normal. */
    final int straights;

    final int noses;
    final double[] startX;
    final double[] startY;
    final double[] alongX;
    final double[] alongY;
    final double[] lengthOf;
    final double[] normalX;
    final double[] normalY;

    /** Rounded jaws: contact at distance radius + c, in directions between the nose's normal and the facing's. */
    final int arcs;

    final double[] arcX;
    final double[] arcY;
    final double[] arcRadius;
    final double[] arcInwardX;
    final double[] arcInwardY;
    final double[] arcAlongX;
    final double[] arcAlongY;
    final double[] arcTurnRadians;

    final int pockets;
    final double[] captureX;
    final double[] captureY;
    final double[] captureRadius;
    private final double[] axisX;
    private final double[] axisY;

    /** Names for the record: cushion of each nose, pocket of each facing and arc. */
    private final Cushion[] cushionOf;

    private final PocketName[] pocketOfStraight;
    private final PocketName[] pocketOfArc;
    private final PocketName[] pocketNames;

    private TableContacts(
            double length, double width, double noseHeight, int straights, int noses, int arcs, int pockets) {
        lengthMetres = length;
        widthMetres = width;
        noseHeightMetres = noseHeight;
        this.straights = straights;
        this.noses = noses;
        this.arcs = arcs;
        this.pockets = pockets;
        startX = new double[straights];
        startY = new double[straights];
        alongX = new double[straights];
        alongY = new double[straights];
        lengthOf = new double[straights];
        normalX = new double[straights];
        normalY = new double[straights];
        cushionOf = new Cushion[straights];
        pocketOfStraight = new PocketName[straights];
        arcX = new double[arcs];
        arcY = new double[arcs];
        arcRadius = new double[arcs];
        arcInwardX = new double[arcs];
        arcInwardY = new double[arcs];
        arcAlongX = new double[arcs];
        arcAlongY = new double[arcs];
        arcTurnRadians = new double[arcs];
        pocketOfArc = new PocketName[arcs];
        captureX = new double[pockets];
        captureY = new double[pockets];
        captureRadius = new double[pockets];
        axisX = new double[pockets];
        axisY = new double[pockets];
        pocketNames = new PocketName[pockets];
    }

    static TableContacts of(TablePlan plan) {
        int noses = plan.noseSegments().size();
        int jaws = 2 * plan.pockets().size();
        TableContacts contacts = new TableContacts(
                metres(plan.spec().lengthMillimetres()),
                metres(plan.spec().widthMillimetres()),
                metres(plan.spec().noseHeightMillimetres()),
                noses + jaws,
                noses,
                jaws,
                plan.pockets().size());
        for (int i = 0; i < noses; i++) {
            NoseSegment nose = plan.noseSegments().get(i);
            contacts.straight(i, nose.start(), nose.end(), nose.cushion().inward());
            contacts.cushionOf[i] = nose.cushion();
        }
        for (int p = 0; p < plan.pockets().size(); p++) {
            Pocket pocket = plan.pockets().get(p);
            contacts.jaw(2 * p, pocket.leftJaw(), pocket.name());
            contacts.jaw(2 * p + 1, pocket.rightJaw(), pocket.name());
            contacts.captureX[p] = metres(pocket.captureCentre().xMillimetres());
            contacts.captureY[p] = metres(pocket.captureCentre().yMillimetres());
            contacts.captureRadius[p] = metres(pocket.shape().captureRadiusMillimetres());
            contacts.axisX[p] = pocket.axis().x();
            contacts.axisY[p] = pocket.axis().y();
            contacts.pocketNames[p] = pocket.name();
        }
        return contacts;
    }

    /** A table with four whole cushions and no pockets. */
    static TableContacts withoutPockets(double lengthMetres, double widthMetres, double noseHeightMetres) {
        TableContacts contacts = new TableContacts(lengthMetres, widthMetres, noseHeightMetres, 4, 4, 0, 0);
        double length = Units.millimetres(lengthMetres);
        double width = Units.millimetres(widthMetres);
        Point[] corners = {new Point(0, 0), new Point(length, 0), new Point(length, width), new Point(0, width)};
        Cushion[] order = {Cushion.S, Cushion.E, Cushion.N, Cushion.W};
        for (int i = 0; i < 4; i++) {
            contacts.straight(i, corners[i], corners[(i + 1) % 4], order[i].inward());
            contacts.cushionOf[i] = order[i];
        }
        return contacts;
    }

    /** Whether a place is so near to a pocket that its jaws and circle need a look. */
    boolean nearPocket(double x, double y) {
        boolean nearLongSide = y < POCKET_REACH_METRES || y > widthMetres - POCKET_REACH_METRES;
        if (!nearLongSide) {
            return false;
        }
        return x < POCKET_REACH_METRES
                || x > lengthMetres - POCKET_REACH_METRES
                || Math.abs(x - 0.5 * lengthMetres) < POCKET_REACH_METRES;
    }

    /**
     * How far a ball's centre at (x, y) is inside a nose, facing or rounded jaw (m), the deepest of them; 0 or less where it is clear of all.
     * {@code nose} is its distance c at contact. A ball in a pocket's mouth is beyond the noses' ends and inside none.
     */
    double depthMetres(double x, double y, double nose) {
        double deepest = 0;
        for (int s = 0; s < straights; s++) {
            deepest = Math.max(deepest, depthInStraight(s, x, y, nose));
        }
        for (int arc = 0; arc < arcs; arc++) {
            deepest = Math.max(deepest, depthInArc(arc, x, y, nose));
        }
        return deepest;
    }

    /** How far inside one nose or facing (m); 0 where the foot is not on it, or where it is clear. */
    double depthInStraight(int s, double x, double y, double nose) {
        double dx = x - startX[s];
        double dy = y - startY[s];
        double depth = nose - dx * normalX[s] - dy * normalY[s];
        double foot = dx * alongX[s] + dy * alongY[s];
        // Behind a facing's back there is the next cushion, and behind a nose the wood: never deeper than a ball.
        boolean on = foot >= 0 && foot <= lengthOf[s] && depth > 0 && (isNose(s) || depth < nose);
        return on ? depth : 0;
    }

    /** How far inside one rounded jaw (m); 0 outside of its directions, or where it is clear. */
    double depthInArc(int arc, double x, double y, double nose) {
        double dx = x - arcX[arc];
        double dy = y - arcY[arc];
        double depth = arcRadius[arc] + nose - Math.sqrt(dx * dx + dy * dy);
        if (depth <= 0) {
            return 0;
        }
        double beta =
                Math.atan2(dx * arcAlongX[arc] + dy * arcAlongY[arc], dx * arcInwardX[arc] + dy * arcInwardY[arc]);
        return beta >= 0 && beta <= arcTurnRadians[arc] ? depth : 0;
    }

    boolean isNose(int straight) {
        return straight < noses;
    }

    Cushion cushion(int straight) {
        return cushionOf[straight];
    }

    PocketName pocketOfStraight(int straight) {
        return pocketOfStraight[straight];
    }

    PocketName pocketOfArc(int arc) {
        return pocketOfArc[arc];
    }

    Optional<PocketName> pocket(int index) {
        return index < 0 ? Optional.empty() : Optional.of(pocketNames[index]);
    }

    /** How far a place lies to the left of the line through a pocket along its axis (m). */
    double leftOfAxis(int pocket, double x, double y) {
        return -(x - captureX[pocket]) * axisY[pocket] + (y - captureY[pocket]) * axisX[pocket];
    }

    boolean pocketNameIs(int index, PocketName name) {
        return pocketNames[index] == name;
    }

    private void jaw(int index, Jaw jaw, PocketName pocket) {
        int facing = noses + index;
        straight(facing, jaw.arcEnd(), jaw.facingEnd(), jaw.facingNormal());
        pocketOfStraight[facing] = pocket;
        pocketOfArc[index] = pocket;
        arcX[index] = metres(jaw.arcCentre().xMillimetres());
        arcY[index] = metres(jaw.arcCentre().yMillimetres());
        arcRadius[index] = metres(jaw.arcRadiusMillimetres());
        arcInwardX[index] = jaw.inward().x();
        arcInwardY[index] = jaw.inward().y();
        arcAlongX[index] = jaw.alongCushion().x();
        arcAlongY[index] = jaw.alongCushion().y();
        arcTurnRadians[index] = Math.toRadians(jaw.facingTurnDegrees());
    }

    private void straight(int index, Point start, Point end, Direction normal) {
        startX[index] = metres(start.xMillimetres());
        startY[index] = metres(start.yMillimetres());
        double dx = metres(end.xMillimetres()) - startX[index];
        double dy = metres(end.yMillimetres()) - startY[index];
        lengthOf[index] = Math.hypot(dx, dy);
        alongX[index] = dx / lengthOf[index];
        alongY[index] = dy / lengthOf[index];
        normalX[index] = normal.x();
        normalY[index] = normal.y();
    }

    private static double metres(double millimetres) {
        return Units.metres(millimetres);
    }
}
