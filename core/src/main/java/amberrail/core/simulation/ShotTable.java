package amberrail.core.simulation;

import amberrail.core.problem.Require;
import amberrail.core.table.TablePlan;

/** A table made ready for simulation; make it once and use it for every shot. */
public final class ShotTable {
    final TableContacts contacts;

    private ShotTable(TableContacts contacts) {
        this.contacts = contacts;
    }

    public static ShotTable of(TablePlan plan) {
        return new ShotTable(TableContacts.of(plan));
    }

    /** Four whole cushions without pockets (m). */
    public static ShotTable withoutPockets(double lengthMetres, double widthMetres, double noseHeightMetres) {
        Require.positive("lengthMetres", lengthMetres);
        Require.positive("widthMetres", widthMetres);
        Require.positive("noseHeightMetres", noseHeightMetres);
        return new ShotTable(TableContacts.withoutPockets(lengthMetres, widthMetres, noseHeightMetres));
    }

    public double noseHeightMetres() {
        return contacts.noseHeightMetres;
    }

    /** How far it is from a place on the bed to the nose line in a direction (m); pockets are not gaps here. */
    public double metresToNose(double x, double y, double directionX, double directionY) {
        double toShort = directionX > 0 ? (contacts.lengthMetres - x) / directionX : -x / directionX;
        double toLong = directionY > 0 ? (contacts.widthMetres - y) / directionY : -y / directionY;
        return Math.min(directionX == 0 ? Double.MAX_VALUE : toShort, directionY == 0 ? Double.MAX_VALUE : toLong);
    }
}
