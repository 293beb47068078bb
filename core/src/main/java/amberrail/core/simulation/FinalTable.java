package amberrail.core.simulation;

import amberrail.core.table.PocketName;

/** How a simulated shot left the table; looks straight at the engine's arrays and is only true until the next shot. */
public final class FinalTable {
    private final ShotLoop loop;
    private final TableContacts table;

    FinalTable(ShotLoop loop, TableContacts table) {
        this.loop = loop;
        this.table = table;
    }

    /** Number of balls, in the order in which they were given. */
    public int balls() {
        return loop.balls.count;
    }

    public double xMetres(int ball) {
        return loop.balls.x[ball];
    }

    public double yMetres(int ball) {
        return loop.balls.y[ball];
    }

    public boolean isPotted(int ball) {
        return loop.balls.phase[ball] == ShotWorkspace.POTTED;
    }

    public boolean isPottedIn(int ball, PocketName pocket) {
        return isPotted(ball) && table.pocketNameIs(loop.balls.pocket[ball], pocket);
    }
}
