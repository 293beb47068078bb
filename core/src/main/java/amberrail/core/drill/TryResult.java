package amberrail.core.drill;

/** What one try came to. Not judged neither extends nor breaks a run, and still counts to the cap. */
public enum TryResult {
    SUCCESS,
    FAILURE,
    NOT_JUDGED
}
