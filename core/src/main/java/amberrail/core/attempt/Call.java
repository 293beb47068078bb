package amberrail.core.attempt;

/**
 * The stroke that was called before a shot.
 *
 * @param paceMetresPerSecond  launch speed
 * @param tipHeightMillimetres contact above the ball's centre, negative below
 * @param tipSideMillimetres   contact right of the centre, negative left
 */
public record Call(double paceMetresPerSecond, double tipHeightMillimetres, double tipSideMillimetres) {
    /** The same call on the other side of the table: side to the right there is side to the left here. */
    public Call mirrored() {
        return new Call(paceMetresPerSecond, tipHeightMillimetres, 0 - tipSideMillimetres);
    }
}
