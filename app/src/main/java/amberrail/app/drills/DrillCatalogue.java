package amberrail.app.drills;

import amberrail.app.people.SignedIn;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.Refused;
import amberrail.core.drill.Drill;
import amberrail.core.drill.DrillCheck;
import amberrail.core.drill.DrillProblem;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.setup.SetUp;
import amberrail.core.table.TablePlan;
import amberrail.core.table.TableSpec;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Finds drills: shipped ones, a coach's own, and what others share with the club. */
@Service
@Transactional(readOnly = true)
public class DrillCatalogue {
    private static final int REMEMBERED = 2_000;
    private static final Logger LOG = LoggerFactory.getLogger(DrillCatalogue.class);

    private final ShippedDrills shipped;
    private final OwnDrillRepository owns;
    private final OwnDrillVersionRepository versions;
    /** A library of hundreds is read often and changed rarely. */
    private final Cache<State, Drill> read =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** Versions that were played, which never change again. */
    private final Cache<Version, Drill> played =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** A version of a drill. */
    public record Version(String id, int version) {}

    /** What lists say of a drill version; {@code latest} is 0 where the drill has gone. */
    public record Known(String title, int latest) {}

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

    /**
     * What a person finds in the library.
     *
     * @param drills     by title
     * @param unreadable ids of those that would be among them if they could be read
     */
    public record Seen(List<DrillFromLibrary> drills, List<String> unreadable) {}

    /** All that this person may see. */
    public Seen seenBy(SignedIn who) {
        List<DrillFromLibrary> all = new ArrayList<>(
                shipped.all().stream().map(DrillFromLibrary::shipped).toList());
        List<OwnDrillEntity> rows = owns.seenBy(who.accountId());
        Map<State, Drill> latest = read.getAll(rows.stream().map(State::of).toList(), this::readAll);
        rows.stream()
                .filter(row -> latest.containsKey(State.of(row)))
                .forEach(row -> all.add(DrillFromLibrary.own(latest.get(State.of(row)), row, who.accountId())));
        all.sort(Comparator.comparing(one -> one.drill().title()));
        List<String> unreadable = rows.stream()
                .filter(row -> !latest.containsKey(State.of(row)))
                .map(row -> row.id)
                .toList();
        return new Seen(all, unreadable);
    }

    /** The latest version of a drill; {@link Missing} if there is none, or it is another coach's and not shared. */
    public DrillFromLibrary find(SignedIn who, String id) {
        return shipped.find(id).map(DrillFromLibrary::shipped).orElseGet(() -> {
            OwnDrillEntity row =
                    owns.findById(id).filter(one -> maySee(who, one)).orElseThrow(() -> new Missing("drill"));
            return DrillFromLibrary.own(stored(row.id, row.latestVersion), row, who.accountId());
        });
    }

    /** Titles of versions that sessions were played with, for whoever may see those sessions: many in as many questions as one. */
    public Map<Version, Known> known(Set<Version> wanted) {
        Set<String> own = wanted.stream()
                .map(Version::id)
                .filter(id -> shipped.find(id).isEmpty())
                .collect(Collectors.toSet());
        Map<String, Integer> latest = own.isEmpty()
                ? Map.of()
                : owns.findAllById(own).stream().collect(Collectors.toMap(row -> row.id, row -> row.latestVersion));
        Map<Version, Drill> found = played.getAll(wanted, this::readVersions);
        return wanted.stream()
                .collect(Collectors.toMap(
                        Function.identity(),
                        one -> new Known(
                                // One that cannot be read has no title any more; the sessions with it are there all the
                                // same.
                                found.containsKey(one) ? found.get(one).title() : one.id(),
                                shipped.find(one.id())
                                        .map(Drill::version)
                                        .orElseGet(() -> latest.getOrDefault(one.id(), 0)))));
    }

    private Map<Version, Drill> readVersions(Set<? extends Version> wanted) {
        Map<Version, Drill> found = new HashMap<>();
        List<OwnDrillVersionEntity.Key> stored = new ArrayList<>();
        for (Version version : wanted) {
            shipped.find(version.id(), version.version())
                    .ifPresentOrElse(
                            drill -> found.put(version, drill),
                            () -> stored.add(new OwnDrillVersionEntity.Key(version.id(), version.version())));
        }
        if (!stored.isEmpty()) {
            versions.findByIdIn(stored).forEach(row -> {
                try {
                    found.put(new Version(row.id.drillId(), row.id.version()), DrillJson.stored(row.body));
                } catch (UnreadableDrill e) {
                    LOG.error("drill {} cannot be read", row.id.drillId(), e);
                }
            });
        }
        return found;
    }

    /** One version, for somebody who may see a session that was played with it. */
    public Drill version(String id, int version) {
        return shipped.find(id, version).orElseGet(() -> stored(id, version));
    }

    /**
     * The version to begin a session with, kept from changing until the session is stored: the latest, or an earlier one that was played.
     *
     * @param wanted empty, or not known here: the latest
     * @throws InvalidInputException if it cannot be played as it is
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public Drill toPlay(SignedIn who, String id, Optional<Integer> wanted, TableSpec table) {
        if (shipped.find(id).isEmpty()) {
            owns.hold(id);
        }
        Drill newest = find(who, id).drill();
        Drill drill = wanted.filter(version -> version < newest.version())
                .flatMap(version -> earlier(id, version))
                .orElse(newest);
        DrillCheck.of(drill, TablePlan.of(table), SetUp.zoneScale(drill, table)).stream()
                .filter(problem -> problem.kind().stops())
                .findFirst()
                .ifPresent(DrillCatalogue::refuse);
        return drill;
    }

    private Optional<Drill> earlier(String id, int version) {
        return shipped.find(id).isPresent()
                ? Optional.of(shipped.find(id, version).orElseThrow())
                : versions.findById(new OwnDrillVersionEntity.Key(id, version)).map(row -> readable(id, row.body));
    }

    private static void refuse(DrillProblem problem) {
        if (problem.kind() == DrillProblem.Kind.NOTHING_ASKED) {
            throw new Refused(
                    "drillIds",
                    "Station " + (problem.station() + 1)
                            + " of this drill asks nothing yet. Say on the bench what its shot"
                            + " should do; then it can be recorded.");
        }
        String place = "stations[" + problem.station() + "].shots[" + problem.shot() + "]";
        throw problem.cause()
                .map(cause -> cause.under(place))
                .orElseGet(() -> new InvalidInputException(
                        ProblemCode.CONTRADICTION, place, problem.kind(), "must be put right on the bench first"));
    }

    private Drill stored(String id, int version) {
        return versions.findById(new OwnDrillVersionEntity.Key(id, version))
                .map(row -> readable(id, row.body))
                .orElseThrow(() -> new Missing("drill"));
    }

    private static Drill readable(String id, String body) {
        try {
            return DrillJson.stored(body);
        } catch (UnreadableDrill e) {
            LOG.error("drill {} cannot be read", id, e);
            Conflict said = new Conflict(
                    "UNREADABLE_DRILL",
                    "This drill is stored in a form that cannot be read. The others are not affected.",
                    null);
            said.initCause(e);
            throw said;
        }
    }

    private static boolean maySee(SignedIn who, OwnDrillEntity row) {
        UUID me = who.accountId();
        return !row.putAway && (row.shared || row.ownerId.equals(me));
    }

    private Map<State, Drill> readAll(Set<? extends State> wanted) {
        Map<String, Drill> byId = new HashMap<>();
        versions.findByIdIn(wanted.stream()
                        .map(state -> new OwnDrillVersionEntity.Key(state.id(), state.version()))
                        .toList())
                .forEach(row -> {
                    try {
                        byId.put(row.id.drillId(), DrillJson.stored(row.body));
                    } catch (UnreadableDrill e) {
                        LOG.error("drill {} cannot be read", row.id.drillId(), e);
                    }
                });
        return wanted.stream()
                .filter(state -> byId.containsKey(state.id()))
                .collect(Collectors.toMap(Function.identity(), state -> byId.get(state.id())));
    }
}
