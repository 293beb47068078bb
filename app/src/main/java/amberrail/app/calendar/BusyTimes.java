package amberrail.app.calendar;

import amberrail.app.people.SignedIn;
import amberrail.app.web.MayBeMissing;
import amberrail.core.calendar.EntryKind;
import amberrail.core.calendar.TimeSlot;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When somebody has no time, from a file of another calendar of theirs: times alone, no titles; seen by them only. */
@Service
@Transactional
class BusyTimes {
    private static final int SHOWN = 8;

    private final CalendarEntryRepository entries;
    private final ClubZone zone;
    private final Clock clock;

    BusyTimes(CalendarEntryRepository entries, ClubZone zone, Clock clock) {
        this.entries = entries;
        this.zone = zone;
        this.clock = clock;
    }

    /**
     * What a file holds.
     *
     * @param written    whether it was taken
     * @param times      from today for a year, what overlaps counted once
     * @param events     in the file, with those that are over
     * @param free       that take no time
     * @param unreadable that make no sense
     * @param cut        whether it holds more than is taken
     * @param next       the next few
     */
    record BusyLook(
            boolean written,
            int times,
            int events,
            int free,
            int unreadable,
            boolean cut,
            int before,
            @MayBeMissing LocalDate last,
            List<BusyLine> next) {}

    /** On the club's wall. */
    record BusyLine(LocalDateTime starts, LocalDateTime ends) {}

    BusyLook read(SignedIn who, String text, boolean dryRun) {
        ZoneId clubZone = zone.get();
        LocalDate today = LocalDate.now(clock.withZone(clubZone));
        BusyFileReader.Found found = BusyFileReader.read(text, clubZone, today);
        int before = (int) entries.countByOwnerIdAndKindAndArchivedFalse(who.accountId(), EntryKind.BUSY);
        if (!dryRun) {
            forget(who);
            entries.saveAll(
                    found.times().stream().map(slot -> row(who, slot, clubZone)).toList());
        }
        List<TimeSlot> times = found.times();
        return new BusyLook(
                !dryRun,
                times.size(),
                found.events(),
                found.free(),
                found.unreadable(),
                found.cut(),
                before,
                times.isEmpty() ? null : times.get(times.size() - 1).lastDay(clubZone),
                times.stream()
                        .limit(SHOWN)
                        .map(slot -> new BusyLine(
                                slot.starts(clubZone).toLocalDateTime(),
                                slot.ends(clubZone).toLocalDateTime()))
                        .toList());
    }

    /** For good: nobody asks what they were. */
    void forget(SignedIn who) {
        entries.deleteAllByOwnerIdAndKind(who.accountId(), EntryKind.BUSY);
    }

    private CalendarEntryEntity row(SignedIn who, TimeSlot slot, ZoneId clubZone) {
        CalendarEntryEntity row = new CalendarEntryEntity();
        row.id = UUID.randomUUID();
        row.ownerId = who.accountId();
        row.kind = EntryKind.BUSY;
        row.title = "";
        row.setTimes(slot, Optional.empty(), clubZone);
        row.changedBy = who.accountId();
        row.changedAt = Instant.now(clock).truncatedTo(ChronoUnit.MILLIS);
        return row;
    }
}
