package amberrail.app.storage;

import java.sql.SQLException;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** A second Amber Rail on the same data folder. */
class DataInUseFailure extends AbstractFailureAnalyzer<SQLException> {
    /** H2's DATABASE_ALREADY_OPEN_1. */
    private static final int ALREADY_OPEN = 90020;

    @Override
    protected FailureAnalysis analyze(Throwable root, SQLException cause) {
        if (cause.getErrorCode() != ALREADY_OPEN) {
            return null;
        }
        return new FailureAnalysis(
                "Another Amber Rail is running on this data folder.",
                "Use that one, stop it first, or choose another folder with --data.",
                cause);
    }
}
