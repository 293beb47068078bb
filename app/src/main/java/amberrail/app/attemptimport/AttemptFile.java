package amberrail.app.attemptimport;

import amberrail.app.attemptimport.ImportView.LineProblem;
import amberrail.core.problem.InvalidInputException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** What was read of a file of attempts: those that can be read, and what is wrong with the others. */
final class AttemptFile {
    static final int MOST_ATTEMPTS = 20_000;

    private final UUID studentId;
    private final List<AttemptLine> lines = new ArrayList<>();
    private final List<LineProblem> problems = new ArrayList<>();

    AttemptFile(UUID studentId) {
        this.studentId = studentId;
    }

    /** CSV in the columns of the export, or the export's JSON: a list begins with a bracket, a header does not. */
    static AttemptFile read(String text, UUID studentId) {
        String begun = text.startsWith("\ufeff") ? text.substring(1) : text;
        return begun.stripLeading().startsWith("[")
                ? AttemptsAsJson.read(begun, studentId)
                : AttemptsAsCsv.read(begun, studentId);
    }

    void add(AttemptCells cells, long line, String whole) {
        try {
            lines.add(AttemptLine.of(cells, line, studentId, whole));
        } catch (InvalidInputException wrong) {
            problem(line, wrong.field(), wrong.getMessage());
        }
    }

    void problem(long line, String column, String words) {
        problems.add(new LineProblem(line, column, words));
    }

    List<AttemptLine> lines() {
        return lines;
    }

    List<LineProblem> problems() {
        return problems;
    }
}
