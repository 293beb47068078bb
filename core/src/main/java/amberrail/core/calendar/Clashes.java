package amberrail.core.calendar;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What lies across what: a table, a coach or a student wanted twice at a time, and appointments on holidays or in busy times. */
public final class Clashes {
    private final Map<Occurrence, List<Clash>> of = new IdentityHashMap<>();

    private Clashes() {}

    /** Among these, by one walk along time: each is held only against those that have not ended when it begins. */
    public static Clashes among(List<Occurrence> occurrences) {
        Clashes found = new Clashes();
        List<Occurrence> going = new ArrayList<>();
        for (Occurrence next : occurrences.stream()
                .sorted(Comparator.comparing(Occurrence::starts))
                .toList()) {
            going.removeIf(one -> !one.ends().isAfter(next.starts()));
            for (Occurrence one : going) {
                found.note(one, next);
                found.note(next, one);
            }
            going.add(next);
        }
        return found;
    }

    /** In order of time; empty where nothing is in its way. A holiday and a busy time are in the way, nothing is in theirs. */
    public List<Clash> of(Occurrence one) {
        return of.getOrDefault(one, Collections.emptyList());
    }

    private void note(Occurrence one, Occurrence other) {
        if (one.overlaps(other)) {
            reason(one, other)
                    .ifPresent(why ->
                            of.computeIfAbsent(one, k -> new ArrayList<>()).add(new Clash(why, other)));
        }
    }

    private static Optional<Clash.Reason> reason(Occurrence of, Occurrence with) {
        CalendarEntry one = of.entry();
        CalendarEntry other = with.entry();
        if (one.kind().isAway()) {
            return Optional.empty();
        }
        if (other.kind() == EntryKind.HOLIDAY) {
            return other.everyone() || sharePeople(one, other) ? Optional.of(Clash.Reason.HOLIDAY) : Optional.empty();
        }
        // Practice at home some time of the day is in nobody's way.
        if (of.slot().at().isEmpty()) {
            return Optional.empty();
        }
        if (other.kind() == EntryKind.BUSY) {
            return sharePeople(one, other) ? Optional.of(Clash.Reason.BUSY) : Optional.empty();
        }
        return with.slot().at().isEmpty() ? Optional.empty() : wantedTwice(one, other);
    }

    private static Optional<Clash.Reason> wantedTwice(CalendarEntry one, CalendarEntry other) {
        if (one.table().isPresent() && one.table().equals(other.table())) {
            return Optional.of(Clash.Reason.TABLE);
        }
        if (one.coach().isPresent() && one.coach().equals(other.coach())) {
            return Optional.of(Clash.Reason.COACH);
        }
        return sharesStudent(one, other) ? Optional.of(Clash.Reason.STUDENT) : Optional.empty();
    }

    private static boolean sharePeople(CalendarEntry one, CalendarEntry other) {
        return one.coach().isPresent() && one.coach().equals(other.coach()) || sharesStudent(one, other);
    }

    private static boolean sharesStudent(CalendarEntry one, CalendarEntry other) {
        return !Collections.disjoint(one.students(), other.students());
    }
}
