package amberrail.app.sessions;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Finds sessions by who, what, where and when; newest first. */
@Component
class SessionSearch {
    private final EntityManager entities;

    SessionSearch(EntityManager entities) {
        this.entities = entities;
    }

    /** A session's place in the order: when it started, then its id. As text a caller may hand it back unread. */
    public record Place(Instant startedAt, UUID id) {
        private static final String BETWEEN = "_";

        /** {@code INVALID_PARAMETER} for what was never handed out. */
        static Place read(String field, String text) {
            String[] parts = text.split(BETWEEN, 2);
            try {
                return new Place(Instant.ofEpochMilli(Long.parseLong(parts[0])), UUID.fromString(parts[1]));
            } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException | DateTimeException e) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_PARAMETER, field, text, "must be a place that the page before has named");
            }
        }

        String text() {
            return startedAt.toEpochMilli() + BETWEEN + id;
        }
    }

    /** Sessions with any of these students in them, so many at most; {@code students} must not be empty. */
    List<PracticeSessionEntity> find(
            Collection<UUID> students, SessionLists.Search wanted, Optional<Place> after, int most) {
        Map<String, Object> values = new HashMap<>();
        List<String> asked = new ArrayList<>();
        asked.add("exists (select t from s.studentIds t where t in :students)");
        values.put("students", wanted.studentId().map(List::of).orElseGet(() -> List.copyOf(students)));
        wanted.drillId().ifPresent(id -> {
            asked.add("exists (select d from s.drills d where d.drillId = :drill)");
            values.put("drill", id);
        });
        wanted.tableId().ifPresent(id -> {
            asked.add("s.tableId = :table");
            values.put("table", id);
        });
        wanted.from().ifPresent(at -> {
            asked.add("s.startedAt >= :from");
            values.put("from", at);
        });
        wanted.until().ifPresent(at -> {
            asked.add("s.startedAt < :until");
            values.put("until", at);
        });
        after.ifPresent(place -> {
            asked.add("(s.startedAt < :at or s.startedAt = :at and s.id < :last)");
            values.put("at", place.startedAt());
            values.put("last", place.id());
        });
        TypedQuery<PracticeSessionEntity> question = entities.createQuery(
                "select s from PracticeSessionEntity s where " + String.join(" and ", asked)
                        + " order by s.startedAt desc, s.id desc",
                PracticeSessionEntity.class);
        values.forEach(question::setParameter);
        return question.setMaxResults(most).getResultList();
    }
}
