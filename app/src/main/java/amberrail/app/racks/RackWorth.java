package amberrail.app.racks;

import amberrail.app.people.SignedIn;
import amberrail.app.web.BackgroundThread;
import amberrail.app.web.Missing;
import amberrail.core.rack.RackChance;
import amberrail.core.rack.RackPosition;
import amberrail.core.rack.RackStudent;
import jakarta.annotation.PreDestroy;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** Works out in the background what the layout of each rack that was begun is worth to its student. */
@Component
class RackWorth {
    private static final Logger LOG = LoggerFactory.getLogger(RackWorth.class);
    private static final int RUNS = 280;
    private static final int MOST_AT_ONCE = 50;

    private final RackRepository racks;
    private final RackService service;
    private final RackStudents students;
    private final ExecutorService worker = BackgroundThread.idle("what racks are worth");
    private final Set<UUID> asked = ConcurrentHashMap.newKeySet();
    private volatile boolean stopping;

    RackWorth(RackRepository racks, RackService service, RackStudents students) {
        this.racks = racks;
        this.service = service;
        this.students = students;
    }

    @PreDestroy
    void stop() {
        stopping = true;
        worker.shutdownNow();
    }

    /** What of a student's racks is not worked out yet, the newest first: when somebody looks at them. */
    void askAbout(SignedIn who, UUID studentId) {
        racks.findByStudentIdAndChanceIsNullOrderByStartedAtDesc(studentId, Limit.of(MOST_AT_ONCE))
                .forEach(rack -> ask(who, rack.id));
    }

    /** With the error sizes that whoever asks would be shown beside it. */
    void ask(SignedIn who, UUID rackId) {
        if (!asked.add(rackId)) {
            return;
        }
        worker.execute(() -> {
            try {
                racks.findById(rackId).filter(rack -> rack.chance == null).ifPresent(rack -> workOut(who, rack));
            } catch (CancellationException stopped) {
                LOG.info("what the rack {} is worth is worked out when somebody looks at it again", rackId);
            } catch (Missing gone) {
                LOG.info("a rack was erased while what it is worth was worked out");
            } catch (RuntimeException | Error failed) {
                LOG.error("what the rack {} is worth cannot be worked out", rackId, failed);
            } finally {
                asked.remove(rackId);
            }
        });
    }

    private void workOut(SignedIn who, RackEntity rack) {
        RackPosition start = service.layoutOf(rack).layout().on(service.tableOf(rack));
        RackStudent student = students.of(who, rack.studentId, service.rulesOf(rack));
        RackChance chance =
                RackChance.of(start, student, RUNS, rack.id.getLeastSignificantBits(), () -> stopping, done -> {});
        service.keepWorth(rack.id, chance);
    }
}
