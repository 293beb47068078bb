package amberrail.core.table;

/** The game a table is built for; decides markings, sights and the default tip. */
public enum TableKind {
    POOL(true, 12.5),
    SNOOKER(false, 9.5),
    PUB(false, 9.5);

    private final boolean inlaidSights;
    private final double tipDiameterMillimetres;

    TableKind(boolean inlaidSights, double tipDiameterMillimetres) {
        this.inlaidSights = inlaidSights;
        this.tipDiameterMillimetres = tipDiameterMillimetres;
    }

    /** Whether the sights are on the wood; else they are a computed grid and positions are read in mm first. */
    public boolean inlaidSights() {
        return inlaidSights;
    }

    /** Default cue tip diameter, which is also the length of "one tip" (mm). */
    public double tipDiameterMillimetres() {
        return tipDiameterMillimetres;
    }
}
