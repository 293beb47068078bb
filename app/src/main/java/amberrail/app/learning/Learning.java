package amberrail.app.learning;

import amberrail.app.kit.ClubTables;
import amberrail.app.kit.KitService;
import amberrail.app.people.Access;
import amberrail.app.people.PersonView;
import amberrail.app.people.SignedIn;
import amberrail.app.web.BackgroundThread;
import amberrail.app.web.Conflict;
import amberrail.core.kit.CheckedTable;
import amberrail.core.kit.Estimated;
import amberrail.core.kit.PlayLearning;
import amberrail.core.kit.TableFigures;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Learns from play when a coach looks, one table at a time in the background; a finding is good for an hour or until the table's numbers change. */
@Service
class Learning {
    private static final Logger LOG = LoggerFactory.getLogger(Learning.class);
    private static final Duration GOOD_FOR = Duration.ofHours(1);
    private static final int REMEMBERED = 200;

    private final PlayedStrokes strokes;
    private final KitService kit;
    private final ClubTables tables;
    private final Access access;
    private volatile boolean stopping;
    private final Cache<Asked, Work> works = Caffeine.newBuilder()
            .maximumSize(REMEMBERED)
            .expireAfterWrite(GOOD_FOR)
            .build();
    private final ExecutorService worker = BackgroundThread.idle("learning from play");

    Learning(PlayedStrokes strokes, KitService kit, ClubTables tables, Access access) {
        this.strokes = strokes;
        this.kit = kit;
        this.tables = tables;
        this.access = access;
    }

    @PreDestroy
    void stop() {
        stopping = true;
        worker.shutdownNow();
    }

    /** Each coach learns from their own students; other numbers of the table are another question. */
    private record Asked(UUID coach, UUID tableId, int version) {}

    enum State {
        WORKING,
        DONE,
        FAILED
    }

    /**
     * What was learnt.
     *
     * @param figures empty where no stroke told anything
     * @param paces   how many times what they call each student strikes
     */
    record Finding(Optional<TableFigures> figures, int strokes, Map<PersonView, Estimated> paces) {
        static final Finding NOTHING = new Finding(Optional.empty(), 0, Map.of());
    }

    /** Where the work stands. */
    record Standing(State state, Finding finding) {}

    private static final class Work {
        private volatile Standing standing = new Standing(State.WORKING, Finding.NOTHING);
    }

    /** What is known now; begins the work where nothing is. */
    Standing of(SignedIn who, UUID tableId) {
        access.requireCoach(who);
        KitService.ClubTable table = kit.table(tableId);
        Asked asked = new Asked(who.accountId(), tableId, table.version());
        Work begun = new Work();
        Work work = works.get(asked, k -> begun);
        if (work == begun) {
            worker.execute(() -> learn(who, table, begun));
        }
        return work.standing;
    }

    private void learn(SignedIn who, KitService.ClubTable table, Work work) {
        try {
            PlayedStrokes.Found found = strokes.on(who, table.id(), kit.numbersSince(table.id()), () -> stopping);
            CheckedTable checked = CheckedTable.of(table.spec());
            Optional<PlayLearning.Learnt> learnt =
                    PlayLearning.of(checked, kit.figures(table.id()), found.strokes(), () -> stopping);
            work.standing = new Standing(
                    State.DONE,
                    learnt.map(one -> new Finding(
                                    Optional.of(one.figures()), one.strokes(), paces(one, found.students())))
                            .orElse(Finding.NOTHING));
        } catch (RuntimeException | Error failed) {
            // An error too: whoever waits must not be told for an hour that work is going on.
            LOG.error("nothing could be learnt of the table {}", table.id(), failed);
            work.standing = new Standing(State.FAILED, Finding.NOTHING);
        }
    }

    private static Map<PersonView, Estimated> paces(PlayLearning.Learnt learnt, List<PersonView> students) {
        Map<PersonView, Estimated> paces = new LinkedHashMap<>();
        learnt.paces().forEach((number, pace) -> paces.put(students.get(number), pace));
        return paces;
    }

    /** A coach takes what was proposed: it holds from now on. */
    void take(SignedIn who, UUID tableId, int version) {
        access.requireCoach(who);
        Standing standing = of(who, tableId);
        TableFigures learnt = standing.finding()
                .figures()
                .orElseThrow(() -> new Conflict(
                        "NOTHING_LEARNT", "There is nothing to take: the strokes do not tell enough yet.", null));
        Finding finding = standing.finding();
        String evidence =
                finding.strokes() + " called strokes of " + finding.paces().size() + " students";
        TableFigures prior =
                TableFigures.preset(CheckedTable.of(kit.table(tableId).spec()));
        tables.takePlay(who, tableId, version, evidence, learnt.orElse(kit.figures(tableId), prior));
    }
}
