package amberrail.app.results;

import amberrail.app.attempts.PlayedStations;
import amberrail.app.attempts.StationPlayed;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * Results by station, up to date whenever they are read. Nobody is asked who they are: whoever calls this has checked.
 *
 * <p>A write only notes that its place has changed; counting waits until somebody reads, so recording stays quick. Whoever reads may write a count
 * therefore: not to be called within a transaction that was begun to read only, which does not wait at the gate (decision 28).
 */
@Service
public class StationResults {
    private final ResultStore store;
    private final PlayedStations played;

    StationResults(ResultStore store, PlayedStations played) {
        this.store = store;
        this.played = played;
    }

    @EventListener
    void changed(StationPlayed place) {
        store.changed(place);
    }

    /** Oldest session first. */
    public List<StationResult> ofStudent(UUID studentId) {
        count(store.stale(studentId));
        return store.of(studentId);
    }

    /** Everybody's, oldest session first. */
    public List<StationResult> all() {
        count(store.stale());
        return store.all();
    }

    /** Of what is counted by now; nothing is counted for this question. */
    public Optional<MostPlayed> mostPlayed() {
        return store.mostPlayed();
    }

    /** The number of changes is read before the attempts: what is written in between is counted the next time. */
    private void count(List<ResultStore.Stale> stale) {
        stale.forEach(one -> store.keep(one, played.count(one.place())));
    }
}
