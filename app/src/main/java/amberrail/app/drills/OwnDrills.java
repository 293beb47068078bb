package amberrail.app.drills;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Conflict;
import amberrail.app.web.Missing;
import amberrail.app.web.NotAllowed;
import amberrail.core.drill.Drill;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a coach does with drills of their own: make, change, copy, share, put away. */
@Service
@Transactional
class OwnDrills {
    private static final int LONGEST_TITLE = 80;

    private final OwnDrillRepository owns;
    private final OwnDrillVersionRepository versions;
    private final DrillCatalogue catalogue;
    private final DrillUse use;
    private final Access access;
    private final Clock clock;

    OwnDrills(
            OwnDrillRepository owns,
            OwnDrillVersionRepository versions,
            DrillCatalogue catalogue,
            DrillUse use,
            Access access,
            Clock clock) {
        this.owns = owns;
        this.versions = versions;
        this.catalogue = catalogue;
        this.use = use;
        this.access = access;
        this.clock = clock;
    }

    /** How a drill stands after a save. */
    record Saved(String id, int version, int revision) {}

    /** A new drill, private to this coach, whatever id and version the content names. */
    Saved create(SignedIn who, Drill content) {
        return create(who, OwnDrillId.newOne(), content);
    }

    private Saved create(SignedIn who, String id, Drill content) {
        access.requireCoach(who);
        OwnDrillEntity row = new OwnDrillEntity();
        row.id = id;
        row.ownerId = who.accountId();
        row.latestVersion = 1;
        row.changedAt = now();
        owns.save(row);
        store(row, content);
        return saved(row);
    }

    /** A copy of any drill that this coach may see. */
    Saved copy(SignedIn who, String id, String suffix) {
        Drill original = catalogue.find(who, id).drill();
        String title = original.title();
        String room = title.substring(0, Math.min(title.length(), LONGEST_TITLE - suffix.length()));
        return create(who, original.as(original.id(), 1, room + suffix));
    }

    /**
     * Writes a change. A version that was played is left as it was and the change becomes the next version.
     *
     * @param revision the one that the change was made on; {@link Conflict} with the stored drill if it is not the latest
     */
    Saved save(SignedIn who, String id, int revision, Drill content) {
        OwnDrillEntity row = mine(who, id);
        Drill before = stored(row);
        Drill after = content.as(row.id, row.latestVersion, content.title());
        if (after.equals(before)) {
            return saved(row);
        }
        if (revision != row.revision) {
            throw new Conflict(
                    "REVISION_CONFLICT",
                    "This drill was changed in another window; its latest change is kept there.",
                    new DocumentView(
                            DrillJson.toTree(before),
                            row.shared ? DrillFromLibrary.Origin.OWN_SHARED : DrillFromLibrary.Origin.OWN,
                            row.latestVersion,
                            row.revision,
                            use.isPlayed(id, row.latestVersion)));
        }
        if (use.isPlayed(id, row.latestVersion)) {
            row.latestVersion++;
        }
        row.revision++;
        row.changedAt = now();
        store(row, content);
        return saved(row);
    }

    void share(SignedIn who, String id, boolean shared) {
        mine(who, id).shared = shared;
    }

    /** Out of the library; sessions played with it keep it. */
    void putAway(SignedIn who, String id) {
        mine(who, id).putAway = true;
    }

    void bringBack(SignedIn who, String id) {
        mine(who, id).putAway = false;
    }

    /** This coach's own drill with that id, if there is one, put away or not. */
    Optional<Drill> ownById(SignedIn who, String id) {
        return owns.findById(id)
                .filter(row -> row.ownerId.equals(who.accountId()))
                .map(this::stored);
    }

    boolean isPlayed(Drill drill) {
        return use.isPlayed(drill.id(), drill.version());
    }

    /**
     * Takes a drill from a file: a change to this coach's drill of that id, else a new one. The id is kept where it can be, so that the same
     * file read again finds it.
     */
    Saved take(SignedIn who, Drill content) {
        Optional<OwnDrillEntity> row = owns.hold(content.id());
        if (row.filter(own -> own.ownerId.equals(who.accountId())).isPresent()) {
            row.get().putAway = false;
            return save(who, content.id(), row.get().revision, content);
        }
        boolean free = row.isEmpty() && OwnDrillId.isWhole(content.id());
        return create(who, free ? content.id() : OwnDrillId.newOne(), content);
    }

    private OwnDrillEntity mine(SignedIn who, String id) {
        Optional<OwnDrillEntity> row = owns.hold(id);
        if (row.filter(own -> own.ownerId.equals(who.accountId())).isPresent()) {
            return row.get();
        }
        catalogue.find(who, id);
        throw new NotAllowed("Only whoever made a drill can change it. Make a copy of your own.");
    }

    private Drill stored(OwnDrillEntity row) {
        return versions.findById(new OwnDrillVersionEntity.Key(row.id, row.latestVersion))
                .map(version -> DrillJson.stored(version.body))
                .orElseThrow(() -> new Missing("drill"));
    }

    private void store(OwnDrillEntity row, Drill content) {
        OwnDrillVersionEntity.Key key = new OwnDrillVersionEntity.Key(row.id, row.latestVersion);
        OwnDrillVersionEntity version = versions.findById(key).orElseGet(() -> {
            OwnDrillVersionEntity fresh = new OwnDrillVersionEntity();
            fresh.id = key;
            return fresh;
        });
        version.body = DrillJson.write(content.as(row.id, row.latestVersion, content.title()));
        version.savedAt = now();
        versions.save(version);
    }

    private static Saved saved(OwnDrillEntity row) {
        return new Saved(row.id, row.latestVersion, row.revision);
    }

    private Instant now() {
        return Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
