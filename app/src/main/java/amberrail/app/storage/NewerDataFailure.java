package amberrail.app.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** A data folder that a newer version has written. */
class NewerDataFailure extends AbstractFailureAnalyzer<NewerDataException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, NewerDataException cause) {
        return new FailureAnalysis(
                "This data folder was written by a newer version of Amber Rail. Nothing in it was changed.",
                "Start the newer version with this folder, or choose another folder with --data.",
                cause);
    }
}
