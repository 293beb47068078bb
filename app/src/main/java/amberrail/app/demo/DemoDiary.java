package amberrail.app.demo;

import amberrail.app.calendar.CalendarService;
import amberrail.app.kit.KitService;
import amberrail.app.people.SignedIn;
import amberrail.app.plan.PlanItemBody;
import amberrail.app.plan.PlanService;
import amberrail.core.calendar.EntryKind;
import amberrail.core.calendar.Repeats;
import amberrail.core.calendar.TimeSlot;
import amberrail.core.plan.PlannedDrill;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/** What the demo club has before it: weekly lessons of the head coach, a league night across one of them, a holiday, and a plan for today. */
@Component
@Lazy
class DemoDiary {
    private static final int WEEKS_ON = 10;
    private static final int LESSON_MINUTES = 60;
    private static final int GROUP_MINUTES = 90;
    private static final int LEAGUE_MINUTES = 180;
    private static final int HOLIDAY_DAYS = 5;
    private static final int PLAN_MINUTES = 60;

    private final CalendarService calendar;
    private final PlanService plans;
    private final KitService kit;
    private final Clock clock;

    DemoDiary(CalendarService calendar, PlanService plans, KitService kit, Clock clock) {
        this.calendar = calendar;
        this.plans = plans;
        this.kit = kit;
        this.clock = clock;
    }

    /** With the coach's students in the order of {@link DemoStudents}. */
    void fill(SignedIn coach, List<UUID> students) {
        LocalDate today = LocalDate.now(clock.withZone(ZoneId.systemDefault()));
        UUID pool = kit.tables().get(0).id();
        UUID other = kit.tables().get(1).id();
        lesson(coach, "Stun and stop", today, "18:00", LESSON_MINUTES, students.subList(3, 4), pool);
        lesson(coach, "Group lesson", today, "19:30", GROUP_MINUTES, students.subList(0, 3), pool);
        lesson(coach, "Position play", today.plusDays(2), "17:00", LESSON_MINUTES, students.subList(4, 5), other);
        once(coach, EntryKind.TABLE, "League night", at(today.plusDays(2), "17:30", LEAGUE_MINUTES), List.of(), other);
        calendar.create(
                coach,
                new CalendarService.Wanted(
                        EntryKind.HOLIDAY,
                        "Club closed",
                        new TimeSlot(today.plusDays(18), Optional.empty(), HOLIDAY_DAYS * TimeSlot.MINUTES_PER_DAY),
                        Optional.empty(),
                        List.of(),
                        Optional.empty(),
                        true));
        plan(coach, students.get(3), today, pool);
    }

    private static TimeSlot at(LocalDate day, String time, int minutes) {
        return new TimeSlot(day, Optional.of(LocalTime.parse(time)), minutes);
    }

    private void lesson(
            SignedIn coach, String title, LocalDate day, String time, int minutes, List<UUID> students, UUID table) {
        calendar.create(
                coach,
                new CalendarService.Wanted(
                        EntryKind.LESSON,
                        title,
                        at(day, time, minutes),
                        Optional.of(new Repeats(1, day.plusWeeks(WEEKS_ON), Set.of())),
                        students,
                        Optional.of(table),
                        false));
    }

    private void once(SignedIn coach, EntryKind kind, String title, TimeSlot slot, List<UUID> students, UUID table) {
        calendar.create(
                coach,
                new CalendarService.Wanted(kind, title, slot, Optional.empty(), students, Optional.of(table), false));
    }

    private void plan(SignedIn coach, UUID student, LocalDate day, UUID table) {
        plans.create(
                coach,
                new PlanService.Wanted(
                        "Stun evening",
                        List.of(student),
                        false,
                        Optional.of(day),
                        PLAN_MINUTES,
                        0.6,
                        0.75,
                        false,
                        false,
                        Optional.of(table),
                        List.of(
                                line("stop-and-slide", PlannedDrill.Role.WARM_UP, 10),
                                line("down-the-hall", PlannedDrill.Role.PRACTICE, 20),
                                line("roll-on-to-the-ring", PlannedDrill.Role.PRACTICE, 15),
                                racks("rack:anyOrder-5", 3, 15))),
                ZoneOffset.UTC);
    }

    private static PlanItemBody racks(String game, int many, int minutes) {
        return new PlanItemBody(game, PlannedDrill.Role.TEST, minutes, many, false, List.of(), null);
    }

    private static PlanItemBody line(String drillId, PlannedDrill.Role role, int minutes) {
        return new PlanItemBody(drillId, role, minutes, minutes + minutes / 2, false, List.of(), null);
    }
}
