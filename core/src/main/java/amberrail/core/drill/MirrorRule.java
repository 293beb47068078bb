package amberrail.core.drill;

/** When the mirror of a station is played (answers.md, "Positions"). */
public enum MirrorRule {
    /** The original until it is passed, then the mirror, its own run by the same rule. */
    AFTER_THE_ORIGINAL,
    /** Original and mirror by turns. */
    EVERY_SHOT,
    /** No mirror: the set-up is its own, or the drill is about one side. */
    NONE
}
