package amberrail.app.ability;

import amberrail.app.attempts.StationPlayed;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.KnownGrades;
import amberrail.app.drills.KnownGrades.Simulated;
import amberrail.app.kit.KitService;
import amberrail.app.people.PeopleService;
import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.app.web.BackgroundThread;
import amberrail.app.web.Busy;
import amberrail.app.web.LaterWork;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.FormRho;
import amberrail.core.table.TableSpec;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The club's joint model, one for each skill, kept by one worker: fitted as a whole once a day and after many new tries, and for every attempt in
 * between that student at once. Pages read the last finished one. Nobody is asked who they are: whoever calls this has checked.
 */
@Service
public class AbilityModel implements LaterWork {
    private static final Logger LOG = LoggerFactory.getLogger(AbilityModel.class);
    private static final Duration FITTED_ANEW_AFTER = Duration.ofHours(24);
    private static final int FITTED_ANEW_AFTER_RESULTS = 500;
    /** A page shows what was written just before it, unless that takes longer than this. */
    private static final Duration LONGEST_FOR_NEWS = Duration.ofSeconds(3);

    /** A large club's results are counted for minutes after some updates: whoever asks meanwhile is told so. */
    private static final Duration LONGEST_FOR_THE_FIRST = Duration.ofSeconds(30);

    private static final Duration COME_BACK_IN = Duration.ofSeconds(10);
    /** Of a station that nobody has simulated yet. */
    private static final Simulated EVEN = new Simulated(0, 1);

    private final StationResults results;
    private final DrillCatalogue drills;
    private final KnownGrades grades;
    private final KitService kit;
    private final PeopleService people;
    private final StoredFits kept;
    private final Clock clock;
    /** Places written since the model was brought up to date; guarded by itself. */
    private final Set<StationPlayed> changed = new LinkedHashSet<>();

    private final ExecutorService worker = BackgroundThread.of("abilities");

    private volatile Abilities finished;
    /** The work on what was written last. */
    private volatile Future<?> news = CompletableFuture.completedFuture(null);
    /** Only the worker reads and writes it. */
    private int changedSinceWhole;

    AbilityModel(
            StationResults results,
            DrillCatalogue drills,
            KnownGrades grades,
            KitService kit,
            PeopleService people,
            StoredFits kept,
            Clock clock) {
        this.results = results;
        this.drills = drills;
        this.grades = grades;
        this.kit = kit;
        this.people = people;
        this.kept = kept;
        this.clock = clock;
    }

    /** Before anybody asks. */
    @Override
    public void afterTheStart() {
        ask();
    }

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }

    /** After the commit: before it nobody can count what was written. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void played(StationPlayed place) {
        synchronized (changed) {
            changed.add(place);
        }
    }

    /** The last finished state, with what was written before this question; the whole of a page is to read one. */
    public Abilities current() {
        waitForNews();
        Abilities now = finished;
        if (now == null) {
            waitFor(ask(), LONGEST_FOR_THE_FIRST);
            return finished;
        }
        if (isOld(now)) {
            ask();
        }
        return now;
    }

    /** Recording stays quick: what was written is worked in when somebody reads (decision 14). */
    private void waitForNews() {
        synchronized (changed) {
            if (!changed.isEmpty()) {
                news = ask();
            }
        }
        try {
            news.get(LONGEST_FOR_NEWS.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException slow) {
            LOG.info("abilities are still being worked out; the last finished ones are shown");
        } catch (InterruptedException stopped) {
            throw stopped(stopped);
        } catch (ExecutionException logged) {
            // Whoever failed has said so, and left nothing finished: it is all worked out anew.
            LOG.debug("abilities are worked out anew", logged);
        }
    }

    /** The next question is answered by a whole fit. */
    public void forget() {
        waitFor(
                worker.submit(() -> {
                    kept.forget();
                    finished = null;
                }),
                LONGEST_FOR_THE_FIRST);
    }

    private boolean isOld(Abilities known) {
        return Duration.between(known.asOf(), Instant.now(clock)).compareTo(FITTED_ANEW_AFTER) > 0;
    }

    private Future<?> ask() {
        return worker.submit(this::bringUpToDate);
    }

    private static void waitFor(Future<?> work, Duration longest) {
        try {
            work.get(longest.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException slow) {
            throw new Busy(
                    COME_BACK_IN,
                    "Everybody's results are being worked out anew, which takes some minutes in a large club."
                            + " Try again soon; recording goes on.");
        } catch (InterruptedException stopped) {
            throw stopped(stopped);
        } catch (ExecutionException failed) {
            throw failed.getCause() instanceof RuntimeException cause
                    ? cause
                    : new IllegalStateException("abilities cannot be worked out", failed.getCause());
        }
    }

    private static IllegalStateException stopped(InterruptedException stopped) {
        Thread.currentThread().interrupt();
        return new IllegalStateException("stopped while abilities were being worked out", stopped);
    }

    private void bringUpToDate() {
        List<StationPlayed> written = takeChanged();
        try {
            if (finished == null) {
                finished = resumed().orElse(null);
                if (finished != null) {
                    // Read with all that was written until now; how much of it the fit had seen is not known.
                    return;
                }
            }
            Abilities now = finished;
            changedSinceWhole += written.size();
            if (now == null || isOld(now) || changedSinceWhole >= FITTED_ANEW_AFTER_RESULTS) {
                fitWhole();
                return;
            }
            Optional<Abilities> next = Optional.of(now);
            for (StationPlayed place : written) {
                next = next.flatMap(known -> with(known, place));
            }
            if (next.isPresent()) {
                finished = next.get();
            } else {
                fitWhole();
            }
        } catch (RuntimeException failed) {
            // The news are taken and not worked in: the next question fits anew rather than go on without them.
            finished = null;
            LOG.error("abilities could not be brought up to date", failed);
            throw failed;
        }
    }

    private List<StationPlayed> takeChanged() {
        synchronized (changed) {
            List<StationPlayed> taken = List.copyOf(changed);
            changed.clear();
            return taken;
        }
    }

    private Optional<Abilities> with(Abilities known, StationPlayed place) {
        Skill skill = drill(place.drillId(), place.drillVersion()).primarySkill();
        return results.ofStudent(place.studentId()).stream()
                .filter(one -> one.place().equals(place))
                .findFirst()
                .flatMap(result -> known.with(skill, result));
    }

    private void fitWhole() {
        Instant asOf = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        Inputs of = inputs();
        Map<Skill, SkillFit> fits = new EnumMap<>(Skill.class);
        of.bySkill()
                .forEach((skill, results) -> fits.put(
                        skill,
                        SkillFit.of(
                                asOf, of.students(), simulated(results, of.tables()), results, rhoOfLastFit(skill))));
        changedSinceWhole = 0;
        finished = new Abilities(asOf, fits);
        Map<Skill, StoredFit> stored = new EnumMap<>(Skill.class);
        fits.forEach((skill, fit) -> stored.put(skill, fit.stored()));
        try {
            kept.keep(stored);
        } catch (DataAccessException full) {
            LOG.warn("the fit could not be kept for the next start", full);
        }
    }

    /** From what was kept of the last whole fit, with all results as they are now; empty where it no longer speaks of the same stations. */
    private Optional<Abilities> resumed() {
        Map<Skill, StoredFit> stored = kept.all();
        Inputs of = inputs();
        if (stored.isEmpty() || !stored.keySet().equals(of.bySkill().keySet())) {
            return Optional.empty();
        }
        Instant asOf = stored.values().iterator().next().asOf();
        Map<Skill, SkillFit> fits = new EnumMap<>(Skill.class);
        of.bySkill()
                .forEach((skill, results) -> SkillFit.resumed(
                                stored.get(skill), of.students(), simulated(results, of.tables()), results)
                        .ifPresent(fit -> fits.put(skill, fit)));
        return fits.size() == stored.size() ? Optional.of(new Abilities(asOf, fits)) : Optional.empty();
    }

    /** All that a fit is made of, as it is now. */
    private record Inputs(List<UUID> students, Map<Skill, List<StationResult>> bySkill, Map<UUID, TableSpec> tables) {}

    private Inputs inputs() {
        List<UUID> students = people.studentIds();
        Set<UUID> known = Set.copyOf(students);
        Map<Skill, List<StationResult>> bySkill = new EnumMap<>(Skill.class);
        for (StationResult one : results.all()) {
            if (known.contains(one.studentId())) {
                Skill skill =
                        drill(one.place().drillId(), one.place().drillVersion()).primarySkill();
                bySkill.computeIfAbsent(skill, k -> new ArrayList<>()).add(one);
            }
        }
        Map<UUID, TableSpec> tables = new HashMap<>();
        kit.everyTable().forEach(table -> tables.put(table.id(), table.spec()));
        return new Inputs(students, bySkill, tables);
    }

    private double rhoOfLastFit(Skill skill) {
        return Optional.ofNullable(finished)
                .map(known -> known.bySkill().get(skill))
                .map(SkillFit::formRho)
                .orElse(FormRho.USUAL);
    }

    /** All stations of the drills that were played, on the tables where they were, by their ids: also those that nobody has tried. */
    private Map<StationOnTable, Simulated> simulated(List<StationResult> played, Map<UUID, TableSpec> tables) {
        Map<StationOnTable, Simulated> predicted = new TreeMap<>(Comparator.comparing(StationOnTable::id));
        for (StationResult one : played) {
            StationOnTable there = one.station();
            if (predicted.containsKey(there)) {
                continue;
            }
            Drill drill = drill(there.drillId(), there.drillVersion());
            for (int station = 0; station < drill.stations().size(); station++) {
                Optional<Simulated> simulated = tables.containsKey(there.tableId())
                        ? grades.simulated(drill, station, tables.get(there.tableId()))
                        : Optional.empty();
                predicted.put(
                        new StationOnTable(drill.id(), there.drillVersion(), station, there.tableId()),
                        simulated.orElse(EVEN));
            }
        }
        return predicted;
    }

    private Drill drill(String id, int version) {
        return drills.version(id, version);
    }
}
