package amberrail.app.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says which folder cannot be written, in place of a stack trace. */
class DataFolderFailure extends AbstractFailureAnalyzer<DataFolderException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, DataFolderException cause) {
        return new FailureAnalysis(
                "Amber Rail cannot write to its data folder " + cause.folder() + " (" + cause.getCause() + ").",
                "Choose a folder that you may write, with --data FOLDER, or change the rights of this one.",
                cause);
    }
}
