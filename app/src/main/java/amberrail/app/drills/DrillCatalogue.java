package amberrail.app.drills;

import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import amberrail.core.drill.Drill;
import amberrail.core.drill.DrillCheck;
import amberrail.core.drill.DrillProblem;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Finds drills: shipped ones, a coach's own, and what others share with the club. */
@Service
@Transactional(readOnly = true)
public class DrillCatalogue {
    private static final int REMEMBERED = 2_000;

    private final ShippedDrills shipped;
    private final OwnDrillRepository owns;
    private final OwnDrillVersionRepository versions;
    /** A library of hundreds is read often and changed rarely. */
    private final Cache<State, Drill> read =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** A drill as it was at one of its saves. */
    private record State(String id, int version, int revision) {
        static State of(OwnDrillEntity row) {
            return new State(row.id, row.latestVersion, row.revision);
        }
    }

    DrillCatalogue(ShippedDrills shipped, OwnDrillRepository owns, OwnDrillVersionRepository versions) {
        this.shipped = shipped;
        this.owns = owns;
        this.versions = versions;
    }

    /** All that this person may see, by title. */
    public List<DrillFromLibrary> seenBy(SignedIn who) {
        List<DrillFromLibrary> all = new ArrayList<>(
                shipped.all().stream().map(DrillFromLibrary::shipped).toList());
        List<OwnDrillEntity> rows = owns.seenBy(who.accountId());
        Map<State, Drill> latest = read.getAll(rows.stream().map(State::of).toList(), this::readAll);
        rows.forEach(row -> all.add(DrillFromLibrary.own(latest.get(State.of(row)), row, who.accountId())));
        all.sort(Comparator.comparing(one -> one.drill().title()));
        return all;
    }

    /** The latest version of a drill; {@link Missing} if there is none, or it is another coach's and not shared. */
    public DrillFromLibrary find(SignedIn who, String id) {
        return shipped.find(id).map(DrillFromLibrary::shipped).orElseGet(() -> {
            OwnDrillEntity row =
                    owns.findById(id).filter(one -> maySee(who, one)).orElseThrow(() -> new Missing("drill"));
            return DrillFromLibrary.own(stored(row.id, row.latestVersion), row, who.accountId());
        });
    }

    /** The newest version of a drill; 0 where it has gone. */
    public int latestVersion(String id) {
        return shipped.find(id)
                .map(Drill::version)
                .or(() -> owns.findById(id).map(row -> row.latestVersion))
                .orElse(0);
    }

    /** One version, for somebody who may see a session that was played with it. */
    public Drill version(String id, int version) {
        return shipped.find(id).orElseGet(() -> stored(id, version));
    }

    /**
     * The latest version to begin a session with, kept from changing until the session is stored.
     *
     * @throws InvalidInputException if it cannot be played as it is
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Drill toPlay(SignedIn who, String id, TableSpec table) {
        if (shipped.find(id).isEmpty()) {
            owns.hold(id);
        }
        Drill drill = find(who, id).drill();
        DrillCheck.of(drill, TablePlan.of(table), DrillLayouts.zoneScale(drill, table)).stream()
                .filter(problem -> problem.kind().stops())
                .findFirst()
                .ifPresent(DrillCatalogue::refuse);
        return drill;
    }

    private static void refuse(DrillProblem problem) {
        String place = "stations[" + problem.station() + "].shots[" + problem.shot() + "]";
        throw problem.cause()
                .map(cause -> cause.under(place))
                .orElseGet(() -> new InvalidInputException(
                        ProblemCode.CONTRADICTION, place, problem.kind(), "must be mended on the bench first"));
    }

    private Drill stored(String id, int version) {
        return versions.findById(new OwnDrillVersionEntity.Key(id, version))
                .map(row -> DrillJson.stored(row.body))
                .orElseThrow(() -> new Missing("drill"));
    }

    private static boolean maySee(SignedIn who, OwnDrillEntity row) {
        UUID me = who.accountId();
        return !row.putAway && (row.shared || row.ownerId.equals(me));
    }

    private Map<State, Drill> readAll(Set<? extends State> wanted) {
        Map<String, Drill> byId = versions
                .findByIdIn(wanted.stream()
                        .map(state -> new OwnDrillVersionEntity.Key(state.id(), state.version()))
                        .toList())
                .stream()
                .collect(Collectors.toMap(row -> row.id.drillId(), row -> DrillJson.stored(row.body)));
        return wanted.stream().collect(Collectors.toMap(Function.identity(), state -> byId.get(state.id())));
    }
}
