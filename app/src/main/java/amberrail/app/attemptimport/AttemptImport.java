package amberrail.app.attemptimport;

import amberrail.app.attemptimport.ImportView.LineProblem;
import amberrail.app.attempts.AttemptBody;
import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptWriter;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.sessions.PracticeSession;
import amberrail.app.sessions.SessionService;
import amberrail.app.web.Missing;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import jakarta.persistence.EntityManager;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Reads a file of attempts. Everything is done as if it were written and then taken back, unless it is to be written and nothing is wrong: so the
 * dry run finds what the real run would.
 */
@Service
class AttemptImport {
    private static final int SHOWN_PROBLEMS = 100;
    private static final int A_BATCH = 50;

    private final SessionService sessions;
    private final AttemptService attempts;
    private final AttemptWriter writer;
    private final KitService kit;
    private final Access access;
    private final Validator validator;
    private final EntityManager entities;
    private final TransactionTemplate transaction;

    AttemptImport(
            SessionService sessions,
            AttemptService attempts,
            AttemptWriter writer,
            KitService kit,
            Access access,
            Validator validator,
            EntityManager entities,
            PlatformTransactionManager transactions) {
        this.sessions = sessions;
        this.attempts = attempts;
        this.writer = writer;
        this.kit = kit;
        this.access = access;
        this.validator = validator;
        this.entities = entities;
        transaction = new TransactionTemplate(transactions);
    }

    ImportView read(SignedIn who, UUID studentId, String text, boolean dryRun) {
        access.requireStudent(who, studentId);
        AttemptFile file = AttemptFile.read(text, studentId);
        return transaction.execute(status -> {
            ImportView found = write(who, studentId, file.lines(), file.problems(), dryRun);
            if (!found.written()) {
                status.setRollbackOnly();
            }
            return found;
        });
    }

    private ImportView write(
            SignedIn who, UUID studentId, List<AttemptLine> lines, List<LineProblem> problems, boolean dryRun) {
        Set<UUID> here = attempts.known(lines.stream().map(AttemptLine::id).toList());
        Set<UUID> seen = new HashSet<>();
        Map<String, List<AttemptLine>> bySession = new LinkedHashMap<>();
        for (AttemptLine line : lines) {
            if (!seen.add(line.id())) {
                problems.add(new LineProblem(line.line(), "attempt id", "This attempt is in the file twice."));
            } else if (!here.contains(line.id())) {
                bySession
                        .computeIfAbsent(line.session(), k -> new ArrayList<>())
                        .add(line);
            }
        }
        bySession.values().forEach(ofOne -> session(who, studentId, ofOne, problems));
        return new ImportView(
                !dryRun && problems.isEmpty(),
                bySession.values().stream().mapToInt(List::size).sum(),
                bySession.size(),
                (int) lines.stream().filter(line -> here.contains(line.id())).count(),
                problems.size(),
                problems.stream().limit(SHOWN_PROBLEMS).toList());
    }

    private void session(SignedIn who, UUID studentId, List<AttemptLine> lines, List<LineProblem> problems) {
        AttemptLine first = lines.get(0);
        Instant begun = lines.stream()
                .map(line -> line.body().playedAt())
                .min(Instant::compareTo)
                .orElseThrow();
        Instant ended = lines.stream()
                .map(line -> line.body().playedAt())
                .max(Instant::compareTo)
                .orElseThrow();
        PracticeSession session;
        try {
            session = sessions.begin(
                    who,
                    new SessionService.Beginning(
                            List.of(studentId),
                            lines.stream()
                                    .map(line -> line.body().drillId())
                                    .distinct()
                                    .toList(),
                            table(first),
                            true),
                    versions(lines),
                    begun);
        } catch (InvalidInputException wrong) {
            problems.add(new LineProblem(first.line(), wrong.field(), wrong.getMessage()));
            return;
        } catch (Missing missing) {
            problems.add(
                    new LineProblem(first.line(), null, "Session " + first.session() + ": " + missing.getMessage()));
            return;
        }
        for (int i = 0; i < lines.size(); i++) {
            one(who, session, lines.get(i), problems);
            if (i % A_BATCH == A_BATCH - 1) {
                forgetWhatIsWritten();
            }
        }
        forgetWhatIsWritten();
        sessions.close(who, session.id(), ended.plusSeconds(1));
    }

    /** What is written is not to be looked through again before every question: thousands of lines would take their square. */
    private void forgetWhatIsWritten() {
        entities.flush();
        entities.clear();
    }

    /** Of each drill the one that its first line names. */
    private static Map<String, Integer> versions(List<AttemptLine> lines) {
        Map<String, Integer> versions = new HashMap<>();
        lines.forEach(line -> line.drillVersion()
                .ifPresent(version -> versions.putIfAbsent(line.body().drillId(), version)));
        return versions;
    }

    private void one(SignedIn who, PracticeSession session, AttemptLine line, List<LineProblem> problems) {
        for (ConstraintViolation<AttemptBody> wrong : validator.validate(line.body())) {
            problems.add(new LineProblem(line.line(), wrong.getPropertyPath().toString(), wrong.getMessage()));
            return;
        }
        try {
            writer.writeNew(who, session.id(), List.of(new AttemptWriter.NewAttempt(line.id(), line.body())));
        } catch (InvalidInputException wrong) {
            problems.add(new LineProblem(line.line(), wrong.field(), wrong.getMessage()));
        }
    }

    private UUID table(AttemptLine line) {
        List<KitService.ClubTable> tables = kit.tables();
        if (line.tableName().isEmpty()) {
            return tables.get(0).id();
        }
        String name = line.tableName().get();
        return tables.stream()
                .filter(table -> table.name().equals(name))
                .findFirst()
                .map(KitService.ClubTable::id)
                .orElseThrow(() -> new InvalidInputException(
                        ProblemCode.UNKNOWN_ID, "table", name, "must be one of the club's tables"));
    }
}
