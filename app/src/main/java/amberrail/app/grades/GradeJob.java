package amberrail.app.grades;

import amberrail.core.drill.Drill;
import amberrail.core.table.TableSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReferenceArray;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** One drill's stations graded one after the other; can be looked at and stopped while it runs. */
final class GradeJob implements Runnable {
    private static final Logger LOG = LoggerFactory.getLogger(GradeJob.class);

    private final Drill drill;
    private final TableSpec table;
    private final List<GradeQuestion> questions;
    private final GradeStore store;
    private final Grader grader;
    private final AtomicReferenceArray<GradeView> stations;
    private final AtomicBoolean cancelled = new AtomicBoolean();
    private volatile GradesView.State state = GradesView.State.WORKING;

    GradeJob(Drill drill, TableSpec table, List<GradeQuestion> questions, GradeStore store, Grader grader) {
        this.drill = drill;
        this.table = table;
        this.questions = questions;
        this.store = store;
        this.grader = grader;
        stations = new AtomicReferenceArray<>(questions.size());
    }

    @Override
    public void run() {
        try {
            for (int i = 0; i < questions.size(); i++) {
                int station = i;
                GradeQuestion question = questions.get(i);
                if (cancelled.get()) {
                    throw new CancellationException();
                }
                GradeView grade = store.find(question).orElseGet(() -> {
                    GradeView worked =
                            grader.grade(drill, station, table, guess -> stations.set(station, guess), cancelled::get);
                    store.keep(question, worked);
                    return worked;
                });
                stations.set(i, grade);
            }
            state = GradesView.State.DONE;
        } catch (CancellationException stopped) {
            state = GradesView.State.CANCELLED;
        } catch (RuntimeException e) {
            LOG.error("grading {} on {} failed", drill.id(), table.id(), e);
            state = GradesView.State.FAILED;
        }
    }

    void cancel() {
        cancelled.set(true);
        if (isUnderWay()) {
            state = GradesView.State.CANCELLED;
        }
    }

    boolean isUnderWay() {
        return state == GradesView.State.WORKING;
    }

    GradesView view() {
        List<GradeView> views = new ArrayList<>();
        int done = 0;
        for (int i = 0; i < stations.length(); i++) {
            GradeView view = stations.get(i);
            views.add(view == null ? GradeView.UNKNOWN : view);
            done += view != null && view.isFinal() ? 1 : 0;
        }
        return new GradesView(state, views, (double) done / stations.length());
    }
}
