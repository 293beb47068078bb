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
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Reads a file of attempts. Everything is done as if it were written and then taken back, unless it is to be written and nothing is wrong: so the
 * dry run finds what the real run would.
 */
@Service
class AttemptImport {
    /** Whose file for whom. */
    private record UnderWay(UUID accountId, UUID studentId) {}

    /** How many attempts of how many have been seen to. */
    static final class Progress {
        private final AtomicInteger done = new AtomicInteger();
        private final int all;

        private Progress(int all) {
            this.all = all;
        }

        int done() {
            return done.get();
        }

        int all() {
            return all;
        }
    }

    private final Map<UnderWay, Progress> underWay = new ConcurrentHashMap<>();
    private static final int SHOWN_PROBLEMS = 100;

    private final SessionService sessions;
    private final AttemptService attempts;
    private final AttemptWriter writer;
    private final KitService kit;
    private final Access access;
    private final Validator validator;
    private final TransactionTemplate transaction;

    AttemptImport(
            SessionService sessions,
            AttemptService attempts,
            AttemptWriter writer,
            KitService kit,
            Access access,
            Validator validator,
            PlatformTransactionManager transactions) {
        this.sessions = sessions;
        this.attempts = attempts;
        this.writer = writer;
        this.kit = kit;
        this.access = access;
        this.validator = validator;
        transaction = new TransactionTemplate(transactions);
    }

    ImportView read(SignedIn who, UUID studentId, String text, boolean dryRun) {
        access.requireStudent(who, studentId);
        AttemptFile file = AttemptFile.read(text, studentId);
        Progress progress = new Progress(file.lines().size());
        underWay.put(new UnderWay(who.accountId(), studentId), progress);
        try {
            return read(who, studentId, file, progress, dryRun);
        } finally {
            underWay.remove(new UnderWay(who.accountId(), studentId), progress);
        }
    }

    /** How far this person's file for this student is; nothing where none is under way. */
    Optional<Progress> progress(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        return Optional.ofNullable(underWay.get(new UnderWay(who.accountId(), studentId)));
    }

    private ImportView read(SignedIn who, UUID studentId, AttemptFile file, Progress progress, boolean dryRun) {
        return transaction.execute(status -> {
            ImportView found = write(who, studentId, file.lines(), file.problems(), progress, dryRun);
            if (!found.written()) {
                status.setRollbackOnly();
            }
            return found;
        });
    }

    private ImportView write(
            SignedIn who,
            UUID studentId,
            List<AttemptLine> lines,
            List<LineProblem> problems,
            Progress progress,
            boolean dryRun) {
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
        for (List<AttemptLine> ofOne : bySession.values()) {
            session(who, studentId, ofOne, problems);
            progress.done.addAndGet(ofOne.size());
        }
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
        write(who, session, lines, problems);
        sessions.close(who, session.id(), ended.plusSeconds(1));
    }

    /** Of each drill the one that its first line names. */
    private static Map<String, Integer> versions(List<AttemptLine> lines) {
        Map<String, Integer> versions = new HashMap<>();
        lines.forEach(line -> line.drillVersion()
                .ifPresent(version -> versions.putIfAbsent(line.body().drillId(), version)));
        return versions;
    }

    private void write(SignedIn who, PracticeSession session, List<AttemptLine> lines, List<LineProblem> problems) {
        Map<UUID, AttemptLine> fitting = new LinkedHashMap<>();
        for (AttemptLine line : lines) {
            Optional<ConstraintViolation<AttemptBody>> wrong =
                    validator.validate(line.body()).stream().findFirst();
            if (wrong.isEmpty()) {
                fitting.put(line.id(), line);
            } else {
                problems.add(new LineProblem(
                        line.line(),
                        wrong.get().getPropertyPath().toString(),
                        wrong.get().getMessage()));
            }
        }
        writer.writeNew(
                who,
                session.id(),
                fitting.values().stream()
                        .map(line -> new AttemptWriter.NewAttempt(line.id(), line.body()))
                        .toList(),
                (one, wrong) ->
                        problems.add(new LineProblem(fitting.get(one.id()).line(), wrong.field(), wrong.getMessage())));
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
