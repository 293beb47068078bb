package amberrail.audit;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;

/** Devices that record as ours do: an attempt that was not answered is sent again, the same, until it is. */
final class Writers {
    private static final long BETWEEN_MILLISECONDS = 40;
    private static final long BEFORE_AGAIN_MILLISECONDS = 150;

    private final Set<UUID> acknowledged = ConcurrentHashMap.newKeySet();
    private final AtomicLong sequence = new AtomicLong();
    private final AtomicInteger again = new AtomicInteger();
    private final AtomicInteger raw = new AtomicInteger();
    private final AtomicInteger ours = new AtomicInteger();
    private final List<Thread> threads = new ArrayList<>();
    private volatile boolean going = true;

    /** Each sends through a connection of its own. */
    void begin(List<Person> owners, String session) {
        for (Person owner : owners) {
            Thread thread = new Thread(() -> write(owner, session));
            thread.start();
            threads.add(thread);
        }
    }

    private void write(Person owner, String session) {
        try {
            while (going) {
                UUID id = UUID.randomUUID();
                long place = sequence.getAndIncrement();
                // The same body each time, as a device keeps it.
                String body = Person.attempt(id, place);
                boolean answered = false;
                while (going && !answered) {
                    answered = sent(owner, session, id, body);
                    Thread.sleep(answered ? BETWEEN_MILLISECONDS : BEFORE_AGAIN_MILLISECONDS);
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private boolean sent(Person owner, String session, UUID id, String body) throws InterruptedException {
        try {
            Person.Answer answer = owner.send("PUT", "/api/v1/sessions/" + session + "/attempts/" + id, body);
            if (answer.status() == 200) {
                acknowledged.add(id);
                return true;
            }
            raw.addAndGet(answer.text().contains("<html") ? 1 : 0);
            ours.addAndGet(answer.status() == 500 ? 1 : 0);
        } catch (IOException cut) {
            // That is what is tried.
        }
        again.incrementAndGet();
        return false;
    }

    void end() throws InterruptedException {
        going = false;
        for (Thread thread : threads) {
            thread.join();
        }
    }

    int acknowledged() {
        return acknowledged.size();
    }

    /** Sent once more because no good answer came. */
    int again() {
        return again.get();
    }

    /** Answers that were a raw page; answers with 500. */
    String unworded() {
        return raw.get() + ", " + ours.get();
    }

    /** Of those answered, how many are not there; and how many stand there twice. */
    String lostAndDoubled(Person reader, String session) throws IOException, InterruptedException {
        List<UUID> stored = new ArrayList<>();
        reader.send("GET", "/api/v1/sessions/" + session, null)
                .expect(200)
                .json()
                .get("attempts")
                .forEach(one -> stored.add(UUID.fromString(one.get("id").asText())));
        Set<UUID> once = new HashSet<>(stored);
        long lost = acknowledged.stream().filter(id -> !once.contains(id)).count();
        return lost + ", " + (stored.size() - once.size());
    }
}
