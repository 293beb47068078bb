package amberrail.app.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says that nothing was lost, where the copy is, and the one command that puts it back. */
class MigrationStoppedFailure extends AbstractFailureAnalyzer<MigrationStoppedException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, MigrationStoppedException cause) {
        String copy = cause.kept() == null
                ? ""
                : " A checked copy of it is " + cause.kept() + "; should you ever need it: cp '" + cause.kept() + "' '"
                        + cause.database() + "'";
        return new FailureAnalysis(
                "The data could not be brought up to date (" + cause.getCause().getMessage() + "). " + cause.database()
                        + " was not touched." + copy,
                "Go on with the version of Amber Rail that you used before, with this same folder, and report this message.",
                cause);
    }
}
