package amberrail.audit;

import amberrail.bench.Percentiles;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.IntConsumer;

/** One who records at a steady rate, as the others are to be kept from it: a session of forty attempts, and then the next. */
final class SteadyRecorder {
    private static final int ATTEMPTS_A_SESSION = 40;

    private final Person owner;
    private final String id;
    private final List<Double> milliseconds = new ArrayList<>();
    private String session;
    private int sequence = ATTEMPTS_A_SESSION;
    private int refused;

    SteadyRecorder(Person owner) throws IOException, InterruptedException {
        this.owner = owner;
        id = owner.id();
    }

    private Person.Answer one() throws IOException, InterruptedException {
        if (sequence == ATTEMPTS_A_SESSION) {
            session = owner.beginSession(id);
            sequence = 0;
        }
        return owner.putAttempt(session, UUID.randomUUID(), sequence++);
    }

    /** Not measured: whatever a server does for the first time. */
    SteadyRecorder warmedUp(int attempts) throws IOException, InterruptedException {
        for (int i = 0; i < attempts; i++) {
            one();
        }
        return this;
    }

    SteadyRecorder record(int perSecond, int seconds) throws IOException, InterruptedException {
        return record(perSecond, seconds, i -> {});
    }

    /** A late attempt counts its waiting. */
    SteadyRecorder record(int perSecond, int seconds, IntConsumer meanwhile) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        for (int i = 0; i < seconds * perSecond; i++) {
            long due = begun + i * 1_000_000_000L / perSecond;
            while (System.nanoTime() < due) {
                Thread.sleep(1);
            }
            refused += one().status() == 200 ? 0 : 1;
            milliseconds.add((System.nanoTime() - due) / 1e6);
            meanwhile.accept(i);
        }
        return this;
    }

    double p95Milliseconds() {
        return Percentiles.of(milliseconds).at(0.95);
    }

    int refused() {
        return refused;
    }
}
