package amberrail.app.calendar;

import amberrail.app.web.MayBeMissing;
import amberrail.core.calendar.Clash;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;

/**
 * Some days of the calendar, as one person may see them.
 *
 * @param zone  of the clock on the club's wall, by which all hours are meant
 * @param plans with a day, which need no hour
 * @param cut   whether there was too much to show all of it
 */
record CalendarView(
        String zone,
        LocalDate today,
        List<OccurrenceView> entries,
        List<PlanOnDayView> plans,
        int busyTimes,
        boolean cut) {
    /** What an entry is to whoever reads it. */
    enum ShownKind {
        LESSON,
        PRACTICE,
        TABLE,
        HOLIDAY,
        BUSY,
        /** A table is taken, by people who are none of the reader's. */
        TAKEN
    }

    /**
     * One time that something happens.
     *
     * @param day       on which it begins
     * @param startsAt  left out: whole days
     * @param starts    on the wall's clock
     * @param ends      the same, not included
     * @param coach     who gives a lesson, or is away
     * @param students  those whom the reader may see
     * @param others    how many more there are
     * @param mine      whether the reader may change it
     * @param everyWeeks of a series, with {@code until}
     */
    record OccurrenceView(
            UUID entryId,
            int revision,
            ShownKind kind,
            String title,
            LocalDate day,
            @MayBeMissing LocalTime startsAt,
            int minutes,
            LocalDateTime starts,
            LocalDateTime ends,
            @MayBeMissing UUID tableId,
            @MayBeMissing String tableName,
            @MayBeMissing String coach,
            List<PersonInEntry> students,
            int others,
            boolean everyone,
            boolean mine,
            @MayBeMissing Integer everyWeeks,
            @MayBeMissing LocalDate until,
            List<ClashView> clashes) {}

    /** Who comes. */
    record PersonInEntry(UUID studentId, String name) {}

    /**
     * What is in its way.
     *
     * @param with its title; empty where the reader may not know
     */
    record ClashView(Clash.Reason reason, String with, LocalDateTime starts, LocalDateTime ends) {}

    /** A plan of a day. */
    record PlanOnDayView(
            UUID planId, String title, LocalDate day, double minutes, List<PersonInEntry> students, boolean mine) {}
}
