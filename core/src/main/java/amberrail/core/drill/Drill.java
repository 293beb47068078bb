package amberrail.core.drill;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Objects;

/**
 * One version of a drill. Attempts refer to id and version for ever, so a version never changes.
 *
 * @param id         stable name, lower case with hyphens
 * @param version    from 1
 * @param purpose    one sentence: what it is for
 * @param watch      what to watch while it is played
 * @param missReads  how a miss reads: which way it goes and why
 * @param tables     ids of the tables that it is proven on
 * @param minutes    usual time it takes
 * @param stations   in order, each harder than the last
 */
public record Drill(
        String id,
        int version,
        String title,
        Skill primarySkill,
        String purpose,
        String watch,
        String missReads,
        int minutes,
        List<String> tables,
        List<Station> stations) {
    private static final int LONGEST_SENTENCE = 400;

    public Drill {
        Require.text("id", id, 60);
        Require.between("version", version, 1, Integer.MAX_VALUE);
        Require.text("title", title, 80);
        Objects.requireNonNull(primarySkill);
        Require.text("purpose", purpose, LONGEST_SENTENCE);
        Require.text("watch", watch, LONGEST_SENTENCE);
        Require.text("missReads", missReads, LONGEST_SENTENCE);
        Require.between("minutes", minutes, 1, 240);
        tables = List.copyOf(tables);
        stations = List.copyOf(stations);
        if (stations.isEmpty()) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "stations", 0, "must have at least one station");
        }
    }

    /**
     * One station by its index.
     *
     * @param index 0 to stations - 1, else {@code UNKNOWN_ID}
     */
    public Station station(int index) {
        if (index < 0 || index >= stations.size()) {
            throw new InvalidInputException(
                    ProblemCode.UNKNOWN_ID, "station", index, "must be from 0 to " + (stations.size() - 1));
        }
        return stations.get(index);
    }
}
