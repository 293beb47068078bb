package amberrail.app.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** A database file that was cut, zeroed or otherwise damaged. That another server has it open is {@link DataInUseFailure}'s to say. */
class DamagedDatabaseFailure extends AbstractFailureAnalyzer<UnopenedDatabaseException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, UnopenedDatabaseException cause) {
        return new FailureAnalysis(
                "The database amber-rail.mv.db in the data folder cannot be opened: it is damaged (" + cause.getCause()
                        + ")." + " Nothing was changed.",
                "Put the newest backup back with ./amber restore FILE. It says first what is in it, and keeps the damaged file aside."
                        + " Backups lie in the folder backups beside the database, or where --backups says.",
                cause);
    }
}
