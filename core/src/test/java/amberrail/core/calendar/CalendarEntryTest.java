package amberrail.core.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.core.problem.InvalidInputException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** When things happen, over changes of the clocks, and what lies across what. */
class CalendarEntryTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
    private static final UUID COACH = new UUID(1, 1);
    private static final UUID STUDENT = new UUID(1, 2);
    private static final UUID TABLE = new UUID(1, 3);

    private static CalendarEntry entry(EntryKind kind, TimeSlot slot, Optional<Repeats> repeats) {
        return new CalendarEntry(
                UUID.randomUUID(),
                kind,
                slot,
                repeats,
                Optional.of(COACH),
                kind.isAway() ? Set.of() : Set.of(STUDENT),
                kind.isAway() ? Optional.empty() : Optional.of(TABLE),
                false);
    }

    private static TimeSlot slot(String day, String time, int minutes) {
        return new TimeSlot(LocalDate.parse(day), Optional.of(LocalTime.parse(time)), minutes);
    }

    private static Optional<Repeats> weekly(String until, String... without) {
        return Optional.of(new Repeats(
                1,
                LocalDate.parse(until),
                Stream.of(without).map(LocalDate::parse).collect(java.util.stream.Collectors.toSet())));
    }

    private static List<Occurrence> between(CalendarEntry entry, String from, String to) {
        return entry.between(LocalDate.parse(from), LocalDate.parse(to), ZONE).toList();
    }

    @Test
    void aWeeklyLessonStaysAtItsHourWhenTheClocksChange() {
        CalendarEntry lesson = entry(EntryKind.LESSON, slot("2026-10-20", "18:00", 60), weekly("2026-11-03"));
        List<Occurrence> all = between(lesson, "2026-10-01", "2026-12-01");
        assertThat(all)
                .extracting(one -> one.starts().toString())
                .containsExactly("2026-10-20T16:00:00Z", "2026-10-27T17:00:00Z", "2026-11-03T17:00:00Z");
        assertThat(all)
                .allSatisfy(one ->
                        assertThat(Duration.between(one.starts(), one.ends())).isEqualTo(Duration.ofHours(1)));
    }

    @Test
    void anHourThatIsLeftOutIsLaterAndOneThatComesTwiceIsTheFirst() {
        assertThat(slot("2026-03-29", "02:30", 30).starts(ZONE).toString()).startsWith("2026-03-29T03:30+02:00");
        assertThat(slot("2026-10-25", "02:30", 30).starts(ZONE).toString()).startsWith("2026-10-25T02:30+02:00");
        TimeSlot overTheChange = slot("2026-10-25", "01:30", 120);
        assertThat(overTheChange.ends(ZONE).toLocalTime()).isEqualTo(LocalTime.of(2, 30));
        TimeSlot wholeDay = new TimeSlot(LocalDate.parse("2026-10-25"), Optional.empty(), 1440);
        assertThat(Duration.between(wholeDay.starts(ZONE), wholeDay.ends(ZONE))).isEqualTo(Duration.ofHours(25));
    }

    @Test
    void daysLeftOutAreLeftOutAndNothingIsBeforeTheFirstOrAfterTheLast() {
        CalendarEntry lesson =
                entry(EntryKind.LESSON, slot("2026-11-03", "18:00", 60), weekly("2026-12-01", "2026-11-17"));
        assertThat(between(lesson, "2026-01-01", "2027-12-31"))
                .extracting(one -> one.slot().day().toString())
                .containsExactly("2026-11-03", "2026-11-10", "2026-11-24", "2026-12-01");
        assertThat(lesson.beginsOn(LocalDate.parse("2026-11-17"))).isFalse();
        assertThat(lesson.beginsOn(LocalDate.parse("2026-11-24"))).isTrue();
    }

    @Test
    void whatBeganTheDayBeforeIsStillGoingOn() {
        CalendarEntry late = entry(EntryKind.LESSON, slot("2026-11-03", "23:00", 120), Optional.empty());
        assertThat(between(late, "2026-11-04", "2026-11-04")).hasSize(1);
        CalendarEntry untilMidnight = entry(EntryKind.LESSON, slot("2026-11-03", "23:00", 60), Optional.empty());
        assertThat(between(untilMidnight, "2026-11-04", "2026-11-04")).isEmpty();
        CalendarEntry away = entry(
                EntryKind.HOLIDAY,
                new TimeSlot(LocalDate.parse("2026-12-20"), Optional.empty(), 14 * 1440),
                Optional.empty());
        assertThat(between(away, "2027-01-01", "2027-01-31")).hasSize(1);
        assertThat(between(away, "2027-01-03", "2027-01-31")).isEmpty();
    }

    /** Against the plainest way there is: every day of the series, one by one. */
    @Test
    void anyWindowShowsWhatEveryDayByItselfWouldShow() {
        Random random = new Random(17);
        for (int i = 0; i < 200; i++) {
            LocalDate first = LocalDate.of(2026, 1, 1).plusDays(random.nextInt(300));
            int weeks = 1 + random.nextInt(4);
            LocalDate until = first.plusDays(random.nextInt(200));
            CalendarEntry entry = entry(
                    EntryKind.LESSON,
                    new TimeSlot(first, Optional.of(LocalTime.of(12, 0)), 60),
                    Optional.of(new Repeats(weeks, until, Set.of())));
            LocalDate from = LocalDate.of(2026, 1, 1).plusDays(random.nextInt(400));
            LocalDate to = from.plusDays(random.nextInt(60));
            DayOfWeek weekday = first.getDayOfWeek();
            List<LocalDate> expected = from.datesUntil(to.plusDays(1))
                    .filter(day -> day.getDayOfWeek() == weekday && !day.isBefore(first) && !day.isAfter(until))
                    .filter(day -> (day.toEpochDay() - first.toEpochDay()) % (7L * weeks) == 0)
                    .toList();
            assertThat(entry.between(from, to, ZONE).map(one -> one.slot().day()))
                    .isEqualTo(expected);
        }
    }

    @Test
    void whatCannotBeIsRefusedWithItsField() {
        assertThatThrownBy(() -> entry(EntryKind.LESSON, slot("2026-11-03", "18:00", 60), weekly("2026-11-02")))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageContaining("until");
        assertThatThrownBy(() -> slot("2026-11-03", "18:00", 4)).hasMessageContaining("minutes");
        assertThatThrownBy(() -> new TimeSlot(LocalDate.parse("2026-11-03"), Optional.empty(), 100))
                .hasMessageContaining("whole days");
        assertThatThrownBy(() -> new CalendarEntry(
                        COACH,
                        EntryKind.TABLE,
                        slot("2026-11-03", "18:00", 60),
                        Optional.empty(),
                        Optional.empty(),
                        Set.of(),
                        Optional.empty(),
                        false))
                .hasMessageContaining("tableId");
    }

    private static List<Clash.Reason> clashesOf(CalendarEntry one, CalendarEntry... others) {
        Stream<CalendarEntry> all = Stream.concat(Stream.of(one), Stream.of(others));
        List<Occurrence> times = all.flatMap(
                        entry -> entry.between(LocalDate.parse("2026-11-01"), LocalDate.parse("2026-11-30"), ZONE))
                .toList();
        return Clashes.among(times).of(times.get(0)).stream().map(Clash::reason).toList();
    }

    @Test
    void aTableOrACoachWantedTwiceIsSeenFromBothSidesAndTouchingEndsAreNot() {
        CalendarEntry six = entry(EntryKind.LESSON, slot("2026-11-03", "18:00", 60), Optional.empty());
        CalendarEntry halfPast = entry(EntryKind.LESSON, slot("2026-11-03", "18:30", 60), Optional.empty());
        CalendarEntry seven = entry(EntryKind.LESSON, slot("2026-11-03", "19:00", 60), Optional.empty());
        assertThat(clashesOf(six, halfPast)).containsExactly(Clash.Reason.TABLE);
        assertThat(clashesOf(halfPast, six)).containsExactly(Clash.Reason.TABLE);
        assertThat(clashesOf(six, seven)).isEmpty();
    }

    @Test
    void aHolidayIsInTheWayOfALessonAndALessonNotInTheWayOfAHoliday() {
        CalendarEntry lesson = entry(EntryKind.LESSON, slot("2026-11-03", "18:00", 60), Optional.empty());
        CalendarEntry away = entry(
                EntryKind.HOLIDAY,
                new TimeSlot(LocalDate.parse("2026-11-02"), Optional.empty(), 3 * 1440),
                Optional.empty());
        CalendarEntry busy = entry(EntryKind.BUSY, slot("2026-11-03", "17:45", 30), Optional.empty());
        assertThat(clashesOf(lesson, away)).containsExactly(Clash.Reason.HOLIDAY);
        assertThat(clashesOf(away, lesson)).isEmpty();
        assertThat(clashesOf(lesson, busy)).containsExactly(Clash.Reason.BUSY);
    }
}
