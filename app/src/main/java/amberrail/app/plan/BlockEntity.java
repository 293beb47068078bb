package amberrail.app.plan;

import amberrail.core.drill.Skill;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Three or four weeks of one student. */
@Entity
@Table(name = "practice_block")
class BlockEntity {
    @Id
    UUID id;

    UUID studentId;
    UUID ownerId;
    String title;
    LocalDate beginsOn;
    int weeks;

    /** Names with commas. */
    String weekdays;

    int minutes;

    /** Skills that count more, with commas; none: all as in the student's goals. */
    String focus;

    /** A drill that is practised for a few minutes every time; none: no such. */
    String newShot;

    int newMinutes;
    boolean mixed;
    UUID tableId;
    int revision;
    boolean archived;
    UUID changedBy;
    Instant changedAt;

    Set<DayOfWeek> days() {
        return set(weekdays, DayOfWeek.class);
    }

    Set<Skill> focused() {
        return set(focus, Skill.class);
    }

    /** First day of a week, from 1. */
    LocalDate weekBegins(int week) {
        return beginsOn.plusWeeks(week - 1L);
    }

    static String joined(Set<? extends Enum<?>> names) {
        return names.stream().sorted().map(Enum::name).collect(Collectors.joining(","));
    }

    private static <E extends Enum<E>> Set<E> set(String names, Class<E> type) {
        return names.isEmpty()
                ? EnumSet.noneOf(type)
                : Stream.of(names.split(","))
                        .map(name -> Enum.valueOf(type, name))
                        .collect(Collectors.toCollection(() -> EnumSet.noneOf(type)));
    }
}
