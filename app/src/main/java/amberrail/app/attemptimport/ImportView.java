package amberrail.app.attemptimport;

import amberrail.app.web.MayBeMissing;
import java.util.List;

/**
 * What a file holds.
 *
 * @param written     whether it was written: not in a dry run, and not with problems
 * @param attempts    new ones
 * @param sessions    that they make
 * @param alreadyHere lines whose attempts are stored already; they are left as they are
 * @param problems    the first hundred
 */
record ImportView(
        boolean written, int attempts, int sessions, int alreadyHere, int problemsInAll, List<LineProblem> problems) {
    /** What is wrong with a line, counted from 1 with the header as line 1. */
    record LineProblem(long line, @MayBeMissing String column, String problem) {}
}
