package amberrail.core.plan;

import amberrail.core.drill.Skill;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A drill that may be planned, for one student or for several at one table.
 *
 * @param minutes      it takes one student
 * @param tries        usual in that time
 * @param forEach      one of each student, in one order for all drills
 */
public record Candidate(String drillId, Skill skill, double minutes, int tries, List<ForStudent> forEach) {
    /**
     * What a drill is for one student, at the station that suits them best.
     *
     * @param chance       of success there, 0 to 1
     * @param daysSince    last practised; empty: never
     * @param intervalDays after which it is due again, 1 to 32
     */
    public record ForStudent(int station, double chance, OptionalDouble daysSince, int intervalDays) {}

    public Candidate {
        Require.positive("minutes", minutes);
        forEach = List.copyOf(forEach);
        if (forEach.isEmpty()) {
            throw new InvalidInputException(ProblemCode.INVALID_COUNT, "students", 0, "must be at least one");
        }
    }

    /** Of whoever it suits least: a shared drill is to be in everybody's band. */
    double chance(double low, double high) {
        return forEach.stream()
                .mapToDouble(ForStudent::chance)
                .boxed()
                .max((a, b) -> Double.compare(off(a, low, high), off(b, low, high)))
                .orElseThrow();
    }

    private static double off(double chance, double low, double high) {
        return Math.max(0, Math.max(low - chance, chance - high));
    }

    /** Of whoever it is due for most; empty if nobody has practised it. */
    OptionalDouble daysSince() {
        return mostDue().daysSince();
    }

    int intervalDays() {
        return mostDue().intervalDays();
    }

    private ForStudent mostDue() {
        return forEach.stream().max((a, b) -> Double.compare(due(a), due(b))).orElseThrow();
    }

    private static double due(ForStudent one) {
        return one.daysSince().isPresent() ? one.daysSince().getAsDouble() / one.intervalDays() : 0;
    }
}
