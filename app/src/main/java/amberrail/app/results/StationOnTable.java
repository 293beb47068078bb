package amberrail.app.results;

import java.util.UUID;

/** A station of a drill version on one table of the club; {@code station} from 0. */
public record StationOnTable(String drillId, int drillVersion, int station, UUID tableId) {
    /** For core, which knows stations by their ids. */
    public String id() {
        return drill() + " " + station;
    }

    /** What its stations share. */
    public String drill() {
        return drillId + " " + drillVersion + " " + tableId;
    }
}
