package amberrail.app.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** A club must not begin anew by itself where one was before: whoever came first would own it. */
class VanishedDatabaseFailure extends AbstractFailureAnalyzer<VanishedDatabaseException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, VanishedDatabaseException cause) {
        String file = cause.folder().resolve("amber-rail.mv.db").toString();
        return new FailureAnalysis(
                cause.isMissing()
                        ? "The folder " + cause.folder()
                                + " holds files, but not the database amber-rail.mv.db. No new club was begun in it."
                        : "The database " + file + " is empty (0 bytes). No new club was begun in its place.",
                "Put your last backup there with ./amber restore FILE (or the file itself, if you copied it) and start again. For a new club choose an empty folder with --data FOLDER.",
                cause);
    }
}
