package amberrail.app.advice;

import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.StudentAttempt;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.core.diagnosis.OwnErrors;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** A student's own error sizes, from their newest attempts; worked out anew after a few minutes. */
@Service
public class OwnErrorSizes {
    private static final int NEWEST = 300;
    private static final int NEWEST_OVER_TIME = 2_000;
    private static final int DAYS_OF_A_PERIOD = 28;
    private static final int FEWEST_OF_A_PERIOD = 40;
    private static final Duration KEPT = Duration.ofMinutes(3);

    private final AttemptService attempts;
    private final SeenShots seen;
    private final Access access;
    private final Clock clock;
    private final Cache<UUID, OwnErrors> known =
            Caffeine.newBuilder().maximumSize(500).expireAfterWrite(KEPT).build();

    private final Cache<UUID, List<Period>> periods =
            Caffeine.newBuilder().maximumSize(500).expireAfterWrite(KEPT).build();

    OwnErrorSizes(AttemptService attempts, SeenShots seen, Access access, Clock clock) {
        this.clock = clock;
        this.attempts = attempts;
        this.seen = seen;
        this.access = access;
    }

    /** Four weeks' own error sizes; {@code from} is the first of its days. */
    public record Period(LocalDate from, OwnErrors sizes) {}

    /** By periods of four weeks back from today, oldest first; those with too few attempts to say anything are left out. */
    public List<Period> overTime(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        return periods.get(studentId, id -> periods(attempts.newestOf(who, id, NEWEST_OVER_TIME)));
    }

    private List<Period> periods(List<StudentAttempt> newestFirst) {
        LocalDate tomorrow =
                LocalDate.ofInstant(Instant.now(clock), ZoneOffset.UTC).plusDays(1);
        TreeMap<LocalDate, List<StudentAttempt>> byPeriod = new TreeMap<>();
        for (StudentAttempt one : newestFirst) {
            LocalDate day = LocalDate.ofInstant(one.session().startedAt(), ZoneOffset.UTC);
            long back = (ChronoUnit.DAYS.between(day, tomorrow) + DAYS_OF_A_PERIOD - 1) / DAYS_OF_A_PERIOD;
            byPeriod.computeIfAbsent(tomorrow.minusDays(back * DAYS_OF_A_PERIOD), k -> new ArrayList<>())
                    .add(one);
        }
        return byPeriod.entrySet().stream()
                .filter(period -> period.getValue().size() >= FEWEST_OF_A_PERIOD)
                .map(period -> new Period(period.getKey(), OwnErrors.of(seen.groups(period.getValue()))))
                .toList();
    }

    public OwnErrors of(SignedIn who, UUID studentId) {
        access.requireStudent(who, studentId);
        return known.get(studentId, id -> OwnErrors.of(seen.groups(attempts.newestOf(who, id, NEWEST))));
    }
}
