package amberrail.app.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** A database file in which something has changed while no server was running: a failing disk, a broken copy, another program. */
class BrokenSealFailure extends AbstractFailureAnalyzer<BrokenSealException> {
    @Override
    protected FailureAnalysis analyze(Throwable root, BrokenSealException cause) {
        return new FailureAnalysis(
                "The database amber-rail.mv.db in the data folder is not as the server left it when it was last stopped: something has changed"
                        + " in it since. Nothing was written.",
                "Put the newest backup back with ./amber restore FILE: it says first what is in it, and keeps this file aside. Then look at the"
                        + " disk. If you have put another file in its place on purpose, take amber-rail.seal out of the data folder and start again.",
                cause);
    }
}
