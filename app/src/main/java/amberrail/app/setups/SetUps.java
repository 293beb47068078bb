package amberrail.app.setups;

import amberrail.app.web.Busy;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Explore;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Point;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.recipe.PlannedStroke;
import amberrail.core.recipe.Recipe;
import amberrail.core.recipe.RecipeSolver;
import amberrail.core.setup.ExploreMap;
import amberrail.core.setup.SetUp;
import amberrail.core.setup.WorkedSetUp;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * The one place that says what is worked out for a set-up. What is not known yet is worked out once by the background worker; whoever cannot do
 * without it waits for that, and a write never does.
 */
@Service
public class SetUps {
    private static final Logger LOG = LoggerFactory.getLogger(SetUps.class);
    private static final int REMEMBERED = 4_000;
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(30);
    private static final Duration A_MOMENT = Duration.ofMillis(200);
    private static final Duration COME_BACK_IN = Duration.ofSeconds(3);

    private final SetUpStore store;
    private final Worker worker;
    private final Cache<SetUp, ShotLayout> layouts =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();
    private final Cache<SetUp, WorkedSetUp> worked =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();
    /** From where a ball lay, and drafts: of these nothing but the ways is asked, and nothing is kept. */
    private final Cache<SetUp, WorkedSetUp> passing =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    private final Cache<Called, Optional<Recipe>> called =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    SetUps(SetUpStore store, Worker worker) {
        this.store = store;
        this.worker = worker;
    }

    /** A stroke called for a set-up on its original side (m/s, mm). */
    private record Called(SetUp original, double pace, double tipHeight, double tipSide) {}

    /** Tells this work from that of a planned set-up. */
    private record Passing(SetUp original) {}

    /** How far the set-ups of a drill on a table are known. */
    public record Progress(int known, int all) {}

    /** Where everything lies, without asking how it is played: its line of arrival is only a first guess. */
    public ShotLayout drawn(SetUp setUp) {
        return layouts.get(setUp, SetUp::drawn);
    }

    /** With the usual stroke's line of arrival; waits where that is not known yet. */
    public ShotLayout layout(SetUp setUp) {
        return of(setUp).arriving(drawn(setUp));
    }

    /** The same at once; empty where it is not known yet, which is then seen to. */
    public Optional<ShotLayout> layoutIfKnown(SetUp setUp) {
        return ifKnown(setUp).map(known -> known.arriving(drawn(setUp)));
    }

    /**
     * A later shot of a pattern from where the cue ball really lay (mm); as planned where the ball cannot lie there as the set-up is, because another
     * one is in that place.
     */
    public SetUp playedFrom(SetUp planned, Point cueAt) {
        SetUp moved = planned.playedFrom(cueAt);
        try {
            drawn(moved);
            return moved;
        } catch (InvalidInputException cannotLieThere) {
            return planned;
        }
    }

    /** What is worked out for a set-up; waits where it is not known yet. */
    public WorkedSetUp of(SetUp setUp) {
        SetUp original = setUp.original();
        return known(original).orElseGet(() -> waitFor(ask(original, true)));
    }

    /** For work that nobody waits for: however long the worker has other things to do, unless that work is stopped meanwhile. */
    public WorkedSetUp patiently(SetUp setUp, BooleanSupplier stopped) {
        while (true) {
            try {
                return of(setUp);
            } catch (Busy notYet) {
                LockSupport.parkNanos(A_MOMENT.toNanos());
                if (stopped.getAsBoolean() || Thread.currentThread().isInterrupted()) {
                    throw new CancellationException();
                }
            }
        }
    }

    /** What is known now; empty where the worker has to see to it first. */
    public Optional<WorkedSetUp> ifKnown(SetUp setUp) {
        SetUp original = setUp.original();
        Optional<WorkedSetUp> known = known(original);
        if (known.isEmpty()) {
            ask(original, false);
        }
        return known;
    }

    /** The usual way to play it, on the original side; empty where no stroke does it. */
    public Optional<Recipe> usual(SetUp setUp) {
        return of(setUp).usualWay();
    }

    /** The usual stroke on the set-up's own side, if it is known now, planned or passing; nobody is asked to work it out. */
    public Optional<PlannedStroke> usualIfKnown(SetUp setUp) {
        return known(setUp.original())
                .or(() -> Optional.ofNullable(passing.getIfPresent(setUp.original())))
                .flatMap(WorkedSetUp::usualWay)
                .map(Recipe::stroke)
                .map(stroke -> setUp.mirrored() ? stroke.mirrored() : stroke);
    }

    /** The engine's map of an explore drill about its usual stroke, on the original side: some dozen strokes; none where there is no usual one. */
    public List<ExploreMap.Step> explored(SetUp setUp, Explore changed) {
        SetUp original = setUp.original();
        return usual(original)
                .map(Recipe::stroke)
                .map(stroke -> ExploreMap.of(
                        changed,
                        original.task(),
                        stroke,
                        original.table().kind().tipDiameterMillimetres()))
                .orElse(List.of());
    }

    /** Where nobody plays, while a drill is being designed: worked out at once by whoever asks, and kept in memory only. */
    public WorkedSetUp whileDesigning(SetUp setUp) {
        SetUp original = setUp.original();
        return known(original).orElseGet(() -> passing.get(original, WorkedSetUp::waysOnly));
    }

    /** A shot that is played once, from where the ball lay: worked out by the worker and kept in memory only. */
    public CompletableFuture<WorkedSetUp> passing(SetUp setUp) {
        SetUp original = setUp.original();
        WorkedSetUp known = passing.getIfPresent(original);
        return known != null
                ? CompletableFuture.completedFuture(known)
                : worker.ask(new Passing(original), true, () -> passing.get(original, WorkedSetUp::waysOnly));
    }

    /** The usual way to play such a shot, on the original side; waits. */
    public Optional<Recipe> passingUsual(SetUp setUp) {
        return waitFor(passing(setUp)).usualWay();
    }

    /** The layout of such a shot with its line of arrival; waits. */
    public ShotLayout passingLayout(SetUp setUp) {
        return waitFor(passing(setUp)).arriving(drawn(setUp));
    }

    /**
     * A called stroke as a recipe, on the original side; waits.
     *
     * @return empty where no direction pots with it
     */
    public Optional<Recipe> called(
            SetUp setUp, double paceMetresPerSecond, double tipHeightMillimetres, double tipSideMillimetres) {
        Called key = new Called(setUp.original(), paceMetresPerSecond, tipHeightMillimetres, tipSideMillimetres);
        Optional<Recipe> known = called.getIfPresent(key);
        return known != null
                ? known
                : waitFor(worker.ask(
                        key,
                        true,
                        () -> called.get(
                                key,
                                k -> RecipeSolver.ofStroke(
                                        k.original().task(), k.pace(), k.tipHeight(), k.tipSide()))));
    }

    /** Has every shot of a drill on a table seen to, and says how far that is. */
    public Progress prepare(Drill drill, TableSpec table) {
        int known = 0;
        int all = 0;
        for (SetUp setUp : ofDrill(drill, table)) {
            all++;
            known += cannotBeLaidOut(setUp) || ifKnown(setUp).isPresent() ? 1 : 0;
        }
        return new Progress(known, all);
    }

    /** Every shot of every station, on the original side. */
    public static List<SetUp> ofDrill(Drill drill, TableSpec table) {
        List<SetUp> all = new ArrayList<>();
        for (int station = 0; station < drill.stations().size(); station++) {
            for (int shot = 0; shot < drill.station(station).shots().size(); shot++) {
                all.add(SetUp.of(drill, station, shot, false, table));
            }
        }
        return all;
    }

    private boolean cannotBeLaidOut(SetUp setUp) {
        try {
            drawn(setUp);
            return false;
        } catch (InvalidInputException cannot) {
            return true;
        }
    }

    private Optional<WorkedSetUp> known(SetUp original) {
        WorkedSetUp remembered = worked.getIfPresent(original);
        if (remembered != null) {
            return Optional.of(remembered);
        }
        Optional<WorkedSetUp> kept = store.find(SetUpKey.of(original));
        kept.ifPresent(one -> worked.put(original, one));
        return kept;
    }

    private CompletableFuture<WorkedSetUp> ask(SetUp original, boolean urgent) {
        return worker.ask(original, urgent, () -> {
            WorkedSetUp answer = WorkedSetUp.of(original);
            worked.put(original, answer);
            keep(original, answer);
            return answer;
        });
    }

    /** What cannot be kept is known all the same, and worked out again after the next start. */
    private void keep(SetUp original, WorkedSetUp answer) {
        try {
            store.keep(SetUpKey.of(original), answer);
        } catch (RuntimeException e) {
            LOG.warn("a worked-out set-up could not be kept", e);
        }
    }

    private static <T> T waitFor(CompletableFuture<T> asked) {
        try {
            return asked.get(LONGEST_WAIT.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            throw new Busy(COME_BACK_IN);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof RuntimeException why ? why : new IllegalStateException(e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy(COME_BACK_IN);
        }
    }
}
