package amberrail.app.backup;

import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneOffset;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;

/** Which backups stay: the newest of each of the last 7 days, 4 weeks and 12 months that have one. Days are UTC's. */
final class BackupRule {
    private static final int DAYS = 7;
    private static final int WEEKS = 4;
    private static final int MONTHS = 12;

    private BackupRule() {}

    static Set<Instant> kept(Collection<Instant> made) {
        List<Instant> newestFirst =
                made.stream().sorted(Comparator.reverseOrder()).toList();
        Set<Instant> kept = new TreeSet<>();
        kept.addAll(newestOfEach(newestFirst, BackupRule::day, DAYS));
        kept.addAll(newestOfEach(newestFirst, BackupRule::week, WEEKS));
        kept.addAll(newestOfEach(newestFirst, at -> YearMonth.from(day(at)), MONTHS));
        return kept;
    }

    private static Collection<Instant> newestOfEach(
            List<Instant> newestFirst, Function<Instant, Object> stretch, int most) {
        Map<Object, Instant> newest = new LinkedHashMap<>();
        newestFirst.forEach(at -> newest.putIfAbsent(stretch.apply(at), at));
        return newest.values().stream().limit(most).toList();
    }

    private static LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, ZoneOffset.UTC);
    }

    private static Object week(Instant at) {
        return day(at).get(IsoFields.WEEK_BASED_YEAR) * 100 + day(at).get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
    }
}
