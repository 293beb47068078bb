package amberrail.app.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** An older file was put in place of the database: the next start brings it up to date on a copy, as always. */
class ExchangedDatabaseFailure extends AbstractFailureAnalyzer<ExchangedDatabaseException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, ExchangedDatabaseException cause) {
        return new FailureAnalysis(
                "The database in this folder is of an older version than the one that was here before. It was not changed.",
                "Start again: it is then brought up to date, on a copy.",
                cause);
    }
}
