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
}
