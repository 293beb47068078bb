package amberrail.app.kit;

/** What the club owns. */
public enum KitThing {
    TABLE,
    BALLS,
    CUE
}
