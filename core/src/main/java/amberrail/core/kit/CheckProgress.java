package amberrail.core.kit;

import amberrail.core.kit.CheckPlaces.Kind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How far a table check is: which numbers are told well enough, and what to do next and why.
 *
 * @param next empty when all are good enough
 */
public record CheckProgress(List<State> states, Optional<Next> next) {
    /** More than this many tries nobody makes at once; a longer way is told as this. */
    private static final int MOST_TRIES = 12;

    /** One try alone has nothing to be held against. */
    private static final int FEWEST = 2;

    public CheckProgress {
        states = List.copyOf(states);
    }

    /**
     * Of one number.
     *
     * @param told       whether the readings have told anything about it
     * @param goodEnough for predictions to rest on it
     */
    public record State(TableFigure figure, Estimated estimated, boolean told, boolean goodEnough) {}

    /** Why something comes next. */
    public enum Why {
        /** None of that kind has been made. */
        NONE_YET,
        /** A roll in one direction alone cannot tell a slope from a slow cloth. */
        ONE_WAY_ONLY,
        STILL_WIDE
    }

    /**
     * What to do next.
     *
     * @param figure    that it is for
     * @param moreTries about how many it takes; at most {@value #MOST_TRIES}
     */
    public record Next(Kind kind, TableFigure figure, Why why, CheckPlaces.Place place, int moreTries) {}

    /** {@code before}: what was believed of the table when nobody had measured. */
    public static CheckProgress of(TableFigures before, TableFigures found, List<Reading> readings) {
        List<State> states = new ArrayList<>();
        for (TableFigure figure : TableFigure.values()) {
            boolean told = found.tells(figure, before);
            boolean enough = told && isNarrow(figure, found) && isHeldAgainstOthers(kindFor(figure), readings);
            states.add(new State(figure, found.of(figure), told, enough));
        }
        return new CheckProgress(states, next(states, readings));
    }

    private static boolean isNarrow(TableFigure figure, TableFigures found) {
        return figure.widthOf(found.of(figure)) <= figure.goodWidth();
    }

    /** Every way that the check asks for, and none of them alone: a slip shows only beside others. */
    private static boolean isHeldAgainstOthers(Kind kind, List<Reading> readings) {
        List<Reading> made = made(kind, readings);
        return made.size() >= FEWEST && unused(kind, made).isEmpty();
    }

    private static List<CheckPlaces.Place> unused(Kind kind, List<Reading> made) {
        return CheckPlaces.of(kind).stream()
                .filter(place -> timesUsed(place, made) == 0)
                .toList();
    }

    private static Optional<Next> next(List<State> states, List<Reading> readings) {
        return states.stream()
                .filter(state -> !state.goodEnough)
                .map(state -> next(state, readings))
                .min(Comparator.comparing((Next next) -> next.kind).thenComparing(next -> next.why));
    }

    private static Next next(State state, List<Reading> readings) {
        Kind kind = kindFor(state.figure);
        List<Reading> made = made(kind, readings);
        if (made.isEmpty()) {
            List<CheckPlaces.Place> all = CheckPlaces.of(kind);
            return new Next(kind, state.figure, Why.NONE_YET, all.get(0), 2 * all.size());
        }
        List<CheckPlaces.Place> unused = unused(kind, made);
        if (!unused.isEmpty()) {
            Why why = kind == Kind.ROLL ? Why.ONE_WAY_ONLY : Why.STILL_WIDE;
            return new Next(kind, state.figure, why, unused.get(0), unused.size());
        }
        double ratio = state.figure.widthOf(state.estimated) / state.figure.goodWidth();
        int more = (int) Math.ceil(made.size() * (ratio * ratio - 1));
        return new Next(
                kind,
                state.figure,
                Why.STILL_WIDE,
                leastUsed(places(state.figure), made),
                Math.max(1, Math.min(MOST_TRIES, more)));
    }

    private static List<Reading> made(Kind kind, List<Reading> readings) {
        return readings.stream().filter(one -> CheckPlaces.kindOf(one) == kind).toList();
    }

    private static Kind kindFor(TableFigure figure) {
        return switch (figure) {
            case ROLLING_FRICTION, DRIFT_X, DRIFT_Y -> Kind.ROLL;
            case CUSHION_RESTITUTION -> Kind.REBOUND;
            case SLIDING_FRICTION -> Kind.SLIDE;
        };
    }

    /** Drift across the table shows aside of a roll along it, and in the speed of one across. */
    private static List<CheckPlaces.Place> places(TableFigure figure) {
        List<CheckPlaces.Place> all = CheckPlaces.of(kindFor(figure));
        return switch (figure) {
            case DRIFT_Y -> all.subList(0, 2);
            default -> all;
        };
    }

    private static CheckPlaces.Place leastUsed(List<CheckPlaces.Place> places, List<Reading> made) {
        return places.stream()
                .min(Comparator.comparingLong(place -> timesUsed(place, made)))
                .orElseThrow();
    }

    private static long timesUsed(CheckPlaces.Place place, List<Reading> made) {
        return made.stream()
                .filter(one -> Math.abs(turn(one.directionDegrees() - place.directionDegrees())) < 45)
                .count();
    }

    private static double turn(double degrees) {
        return Math.IEEEremainder(degrees, 360);
    }
}
