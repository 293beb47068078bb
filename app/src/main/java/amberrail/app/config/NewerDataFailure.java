package amberrail.app.config;

import org.flywaydb.core.api.exception.FlywayValidateException;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** A data folder whose schema is not one of ours, most likely written by a newer version. */
class NewerDataFailure extends AbstractFailureAnalyzer<FlywayValidateException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, FlywayValidateException cause) {
        boolean newer = cause.getMessage().contains("applied migration not resolved locally");
        String description = newer
                ? "This data folder was written by a newer version of Amber Rail. Nothing in it was changed."
                : "The schema of this data folder is not the one that this version expects. Nothing was changed. "
                        + cause.getMessage();
        return new FailureAnalysis(
                description, "Start the newer version with this folder, or choose another folder with --data.", cause);
    }
}
