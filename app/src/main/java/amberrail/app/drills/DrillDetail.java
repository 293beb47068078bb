package amberrail.app.drills;

import amberrail.app.kit.KitService;
import amberrail.app.kit.TableDrawing;
import amberrail.app.setups.SetUps;
import java.util.UUID;

/**
 * A drill on one of the club's tables, with the table to draw.
 *
 * @param workedOut how many of its shots it is known how to play; until all are, some lines of arrival are first guesses
 */
record DrillDetail(DrillOnTable drill, TableOfDrill table, DrillFromLibrary.Origin origin, SetUps.Progress workedOut) {

    /** The table it was put on. */
    record TableOfDrill(UUID id, String name, TableDrawing drawing) {
        static TableOfDrill of(KitService.ClubTable table) {
            return new TableOfDrill(table.id(), table.name(), TableDrawing.of(table.spec()));
        }
    }
}
