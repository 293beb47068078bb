package amberrail.core.simulation;

/** How finely cushions are followed; everything else is in closed form. */
public enum Accuracy {
    /** Within a tenth of a millimetre of the limit of small steps, after several cushions. */
    FULL(2e-6),
    /** Within a few millimetres: for scans that only look where it is worth looking again. */
    SCAN(2e-4);

    /** Of the size of the speeds, for one step of the integration over impulse. */
    final double cushionErrorPerStep;

    Accuracy(double cushionErrorPerStep) {
        this.cushionErrorPerStep = cushionErrorPerStep;
    }
}
