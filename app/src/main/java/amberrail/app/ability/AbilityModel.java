package amberrail.app.ability;

import amberrail.app.attempts.StationPlayed;
import amberrail.app.drills.DrillCatalogue;
import amberrail.app.drills.KnownGrades;
import amberrail.app.kit.KitService;
import amberrail.app.people.PeopleService;
import amberrail.app.results.StationOnTable;
import amberrail.app.results.StationResult;
import amberrail.app.results.StationResults;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.RaschFit;
import amberrail.core.table.TableSpec;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The club's joint model, one for each skill: fitted as a whole now and then, since results fade, and brought up to date for every attempt in
 * between. Nobody is asked who they are: whoever calls this has checked.
 */
@Service
public class AbilityModel {
    /** In six hours a result fades by less than half a per cent. */
    private static final Duration FITTED_ANEW_AFTER = Duration.ofHours(6);

    private static final int MOST_ONE_BY_ONE = 40;
    /** Of a station whose difficulty nobody has simulated yet. */
    private static final double EVEN = 0.5;

    private final StationResults results;
    private final DrillCatalogue drills;
    private final KnownGrades grades;
    private final KitService kit;
    private final PeopleService people;
    private final Clock clock;
    /** Places written since the model was brought up to date; guarded by itself. */
    private final Set<StationPlayed> changed = new LinkedHashSet<>();

    /** One brings it up to date; whoever asks meanwhile reads what stood before. */
    private final ReentrantLock updating = new ReentrantLock();

    private volatile Fitted fitted;

    AbilityModel(
            StationResults results,
            DrillCatalogue drills,
            KnownGrades grades,
            KitService kit,
            PeopleService people,
            Clock clock) {
        this.results = results;
        this.drills = drills;
        this.grades = grades;
        this.kit = kit;
        this.people = people;
        this.clock = clock;
    }

    private record Fitted(Instant asOf, Map<Skill, SkillFit> bySkill) {}

    /** After the commit: before it nobody can count what was written. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void played(StationPlayed place) {
        synchronized (changed) {
            changed.add(place);
        }
    }

    /** A student's ability in a skill; its note says {@code NO_DATA} where they have no results in it. */
    public Optional<RaschFit.Placed> ability(UUID student, Skill skill) {
        return Optional.ofNullable(current().get(skill)).flatMap(fit -> fit.ability(student));
    }

    /** A station's difficulty; empty where nobody has played its drill on that table. */
    public Optional<RaschFit.Placed> difficulty(Skill skill, StationOnTable station) {
        return Optional.ofNullable(current().get(skill)).flatMap(fit -> fit.difficulty(station));
    }

    /** The student's chance at every station of the skill's drills on tables where somebody has played. */
    public Map<StationOnTable, RaschFit.Expected> chances(UUID student, Skill skill) {
        return Optional.ofNullable(current().get(skill))
                .map(fit -> fit.chances(student))
                .orElse(Map.of());
    }

    /** The next question is answered by a whole fit. */
    public void forget() {
        fitted = null;
    }

    private Map<Skill, SkillFit> current() {
        Fitted before = fitted;
        if (before != null && !updating.tryLock()) {
            return before.bySkill();
        }
        if (before == null) {
            updating.lock();
        }
        List<StationPlayed> news = takeChanged();
        try {
            bringUpToDate(news);
            return fitted.bySkill();
        } catch (RuntimeException failed) {
            // The news are taken and not worked in: the next question fits anew rather than go on without them.
            fitted = null;
            throw failed;
        } finally {
            updating.unlock();
        }
    }

    private void bringUpToDate(List<StationPlayed> news) {
        boolean old = fitted == null
                || Duration.between(fitted.asOf(), Instant.now(clock)).compareTo(FITTED_ANEW_AFTER) > 0;
        if (old || news.size() > MOST_ONE_BY_ONE || !broughtUpToDate(news)) {
            fitted = fitWhole();
        }
    }

    private List<StationPlayed> takeChanged() {
        synchronized (changed) {
            List<StationPlayed> taken = List.copyOf(changed);
            changed.clear();
            return taken;
        }
    }

    /** False where a student or station is new, so that only a whole fit will do. */
    private boolean broughtUpToDate(List<StationPlayed> news) {
        for (StationPlayed place : news) {
            Skill skill = drill(place.drillId(), place.drillVersion()).primarySkill();
            SkillFit fit = fitted.bySkill().get(skill);
            Optional<StationResult> result = results.ofStudent(place.studentId()).stream()
                    .filter(one -> one.place().equals(place))
                    .findFirst();
            if (fit == null || result.isEmpty() || !fit.knows(result.get())) {
                return false;
            }
            Map<Skill, SkillFit> next = new EnumMap<>(fitted.bySkill());
            next.put(skill, fit.with(result.get()));
            fitted = new Fitted(fitted.asOf(), next);
        }
        return true;
    }

    private Fitted fitWhole() {
        Instant asOf = Instant.now(clock);
        List<UUID> students = people.studentIds();
        Map<Skill, List<StationResult>> bySkill = new EnumMap<>(Skill.class);
        for (StationResult one : results.all()) {
            Skill skill =
                    drill(one.place().drillId(), one.place().drillVersion()).primarySkill();
            bySkill.computeIfAbsent(skill, k -> new ArrayList<>()).add(one);
        }
        Map<UUID, TableSpec> tables = new HashMap<>();
        kit.tables().forEach(table -> tables.put(table.id(), table.spec()));
        Map<Skill, SkillFit> fits = new EnumMap<>(Skill.class);
        bySkill.forEach((skill, of) -> fits.put(skill, SkillFit.of(asOf, students, simulated(of, tables), of)));
        return new Fitted(asOf, fits);
    }

    /** All stations of the drills that were played, on the tables where they were: also those that nobody has tried. */
    private Map<StationOnTable, Double> simulated(List<StationResult> played, Map<UUID, TableSpec> tables) {
        Map<StationOnTable, Double> predicted = new LinkedHashMap<>();
        for (StationResult one : played) {
            StationOnTable there = one.station();
            if (predicted.containsKey(there)) {
                continue;
            }
            Drill drill = drill(there.drillId(), there.drillVersion());
            for (int station = 0; station < drill.stations().size(); station++) {
                OptionalDouble logits = tables.containsKey(there.tableId())
                        ? grades.simulatedLogits(drill, station, tables.get(there.tableId()))
                        : OptionalDouble.empty();
                predicted.put(
                        new StationOnTable(drill.id(), there.drillVersion(), station, there.tableId()),
                        logits.isPresent() ? 1 / (1 + Math.exp(logits.getAsDouble())) : EVEN);
            }
        }
        return predicted;
    }

    private Drill drill(String id, int version) {
        return drills.version(id, version);
    }
}
