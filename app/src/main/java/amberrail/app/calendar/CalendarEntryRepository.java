package amberrail.app.calendar;

import amberrail.core.calendar.EntryKind;
import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface CalendarEntryRepository extends JpaRepository<CalendarEntryEntity, UUID> {
    /** Locked until the transaction ends: of two who change one entry the second is to see what the first has made of it. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select e from CalendarEntryEntity e where e.id = :id and e.archived = false")
    Optional<CalendarEntryEntity> findToChange(UUID id);

    /** Of the whole club, whatever may touch these days; other people's busy times left out. */
    @Query("select e from CalendarEntryEntity e where e.archived = false and e.lastDay >= :from and e.firstDay <= :to"
            + " and (e.kind <> amberrail.core.calendar.EntryKind.BUSY or e.ownerId = :reader)"
            + " order by e.firstDay, e.startsAt, e.id")
    List<CalendarEntryEntity> between(LocalDate from, LocalDate to, UUID reader, Limit limit);

    /** In one statement; busy times have no students. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("delete from CalendarEntryEntity e where e.ownerId = :owner and e.kind = :kind")
    void deleteAllByOwnerIdAndKind(UUID owner, EntryKind kind);

    long countByOwnerIdAndKindAndArchivedFalse(UUID owner, EntryKind kind);
}
