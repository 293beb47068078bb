package amberrail.core.table;

import amberrail.core.motion.Physics;

/** The game a table is built for; decides markings, sights, the default tip, and the numbers of all that nobody has measured (physics/model.md, section 8). */
public enum TableKind {
    POOL(true, 12.5, 22, Physics.POOL),
    SNOOKER(false, 9.5, 25, Physics.SNOOKER),
    PUB(false, 9.5, 18, Physics.PUB);

    private final boolean inlaidSights;
    private final double tipDiameterMillimetres;
    private final double usualEndMassRatio;
    private final Physics usualPhysics;

    TableKind(boolean inlaidSights, double tipDiameterMillimetres, double usualEndMassRatio, Physics usualPhysics) {
        this.inlaidSights = inlaidSights;
        this.tipDiameterMillimetres = tipDiameterMillimetres;
        this.usualEndMassRatio = usualEndMassRatio;
        this.usualPhysics = usualPhysics;
    }

    /** Whether the sights are on the wood; else they are a computed grid and positions are read in mm first. */
    public boolean inlaidSights() {
        return inlaidSights;
    }

    /** Default cue tip diameter, which is also the length of "one tip" (mm). */
    public double tipDiameterMillimetres() {
        return tipDiameterMillimetres;
    }

    /** End-mass ratio of a usual cue of that game, for squirt. */
    public double usualEndMassRatio() {
        return usualEndMassRatio;
    }

    /** Cloth, balls and cushions of a usual table of that kind. */
    public Physics usualPhysics() {
        return usualPhysics;
    }
}
