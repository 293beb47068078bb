package amberrail.app.kit;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The sets of numbers that things of the club had, each from a moment on. Within the caller's transaction. */
@Component
class KitHistory {
    private final KitFiguresRepository sets;
    private final ObjectMapper json;
    private final Clock clock;

    KitHistory(KitFiguresRepository sets, ObjectMapper json, Clock clock) {
        this.sets = sets;
        this.json = json;
        this.clock = clock;
    }

    /** Whose numbers they are, and the version of it that has them. */
    record Owner(KitThing thing, UUID id, int version) {}

    /** Where a set comes from. */
    record Origin(FigureSource source, Optional<UUID> checkId, Optional<String> note, UUID by) {}

    /** Keeps a set of numbers; whatever they are made of, they are kept as text. */
    void keep(Owner owner, Origin origin, Object figures) {
        KitFiguresEntity row = new KitFiguresEntity();
        row.id = UUID.randomUUID();
        row.thing = owner.thing();
        row.thingId = owner.id();
        row.version = owner.version();
        // What a table had before anybody measured it holds from the beginning.
        row.knownFrom = origin.source() == FigureSource.PRESET
                ? Instant.EPOCH
                : Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        row.source = origin.source();
        row.checkId = origin.checkId().orElse(null);
        row.note = origin.note().orElse(null);
        row.changedBy = origin.by();
        row.figures = write(figures);
        sets.save(row);
    }

    /** Newest first. */
    List<KitFiguresEntity> of(UUID thing) {
        return sets.findAllByThingIdOrderByVersionDesc(thing);
    }

    Optional<KitFiguresEntity> latest(UUID thing) {
        return sets.findFirstByThingIdOrderByVersionDesc(thing);
    }

    Optional<KitFiguresEntity> one(UUID thing, UUID set) {
        return sets.findByIdAndThingId(set, thing);
    }

    /** Of every table; changes of pockets and noses leave its cloth's numbers as they are. */
    List<KitFiguresEntity> latestOfCloths() {
        return sets.latest(KitThing.TABLE, FigureSource.TYPED);
    }

    List<KitFiguresEntity> latestOfCues() {
        return sets.latest(KitThing.CUE, null);
    }

    <T> T read(KitFiguresEntity row, Class<T> kind) {
        try {
            return json.readValue(row.figures, kind);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("stored figures cannot be read: " + row.figures, e);
        }
    }

    private String write(Object figures) {
        try {
            return json.writeValueAsString(figures);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("figures are plain numbers: " + figures, e);
        }
    }
}
