package amberrail.app.grades;

import amberrail.app.drills.KnownGrades;
import amberrail.app.web.BackgroundThread;
import amberrail.core.drill.Drill;
import amberrail.core.statistics.GradeScale;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import org.springframework.stereotype.Service;

/** Grades of drills: what is known at once, the rest worked out in the background, one drill after the other. */
@Service
class GradeService implements KnownGrades {
    private static final Duration JOBS_REMEMBERED = Duration.ofHours(1);
    private static final int MOST_JOBS = 500;

    private final GradeStore store;
    private final Grader grader;
    /** One at a time: each already uses all cores. */
    private final ExecutorService worker = BackgroundThread.idle("grades");

    private final Cache<Asked, GradeJob> jobs = Caffeine.newBuilder()
            .maximumSize(MOST_JOBS)
            .expireAfterAccess(JOBS_REMEMBERED)
            .build();
    private final Cache<Asked, List<GradeQuestion>> questions =
            Caffeine.newBuilder().maximumSize(2_000).build();

    GradeService(GradeStore store, Grader grader) {
        this.store = store;
        this.grader = grader;
    }

    /** A drill on a table; a changed drill or table is another question. */
    private record Asked(Drill drill, TableSpec table) {}

    /** What is known now, without beginning any work. */
    GradesView now(Drill drill, TableSpec table) {
        GradeJob job = jobs.getIfPresent(new Asked(drill, table));
        if (job != null && job.isUnderWay()) {
            return job.view();
        }
        List<GradeView> stations = known(drill, table);
        boolean all = stations.stream().allMatch(GradeView::isFinal);
        GradesView.State state = all
                ? GradesView.State.DONE
                : job == null ? GradesView.State.NOT_ASKED : job.view().state();
        return new GradesView(state, stations, all ? 1 : 0);
    }

    /** Begins the work if something is missing and nobody is at it; asking twice is asking once. */
    GradesView begin(Drill drill, TableSpec table) {
        GradesView now = now(drill, table);
        if (now.state() == GradesView.State.DONE || now.state() == GradesView.State.WORKING) {
            return now;
        }
        GradeJob job = new GradeJob(drill, table, questions(drill, table), store, grader);
        jobs.put(new Asked(drill, table), job);
        worker.execute(job);
        return job.view();
    }

    /** Stops the work; what is finished stays. */
    void cancel(Drill drill, TableSpec table) {
        GradeJob job = jobs.getIfPresent(new Asked(drill, table));
        if (job != null) {
            job.cancel();
        }
    }

    @Override
    public Optional<Range> of(Drill drill, TableSpec table) {
        List<GradeView> stations = known(drill, table);
        if (!areAll(stations)) {
            // Of a table that was measured, until it has been worked out on its own numbers.
            stations = known(drill, table.withPreset());
        }
        boolean all = areAll(stations);
        return all
                ? Optional.of(new Range(
                        stations.stream().mapToDouble(GradeView::grade).min().orElseThrow(),
                        stations.stream().mapToDouble(GradeView::grade).max().orElseThrow()))
                : Optional.empty();
    }

    @Override
    public Optional<Simulated> simulated(Drill drill, int station, TableSpec table) {
        return store.find(questions(drill, table).get(station))
                .filter(view -> view.isFinal() && view.grade() != null)
                // Of a table that was measured, until it has been worked out on its own numbers.
                .or(() -> store.find(questions(drill, table.withPreset()).get(station))
                        .filter(view -> view.isFinal() && view.grade() != null))
                .map(view -> new Simulated(GradeScale.logits(view.grade()), view.slope() == null ? 1 : view.slope()));
    }

    private List<GradeView> known(Drill drill, TableSpec table) {
        return questions(drill, table).stream()
                .map(question -> store.find(question).orElse(GradeView.UNKNOWN))
                .toList();
    }

    private List<GradeQuestion> questions(Drill drill, TableSpec table) {
        return questions.get(new Asked(drill, table), asked -> {
            List<GradeQuestion> all = new ArrayList<>();
            for (int station = 0; station < drill.stations().size(); station++) {
                all.add(GradeQuestion.of(drill, station, table));
            }
            return List.copyOf(all);
        });
    }

    private static boolean areAll(List<GradeView> stations) {
        return stations.stream().allMatch(view -> view.isFinal() && view.grade() != null);
    }

    @PreDestroy
    void stop() {
        jobs.asMap().values().forEach(GradeJob::cancel);
        worker.shutdownNow();
    }
}
