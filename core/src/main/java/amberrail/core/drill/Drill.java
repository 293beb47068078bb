package amberrail.core.drill;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * One version of a drill. Attempts refer to id and version for ever, so a version never changes.
 *
 * @param id            stable name, lower case with hyphens
 * @param version       from 1
 * @param purpose       one sentence: what it is for; empty while nobody has written it
 * @param watch         what to watch while it is played
 * @param missReads     how a miss reads: which way it goes and why
 * @param minutes       usual time it takes
 * @param tables        presets that it is proven on; the first is its home table
 * @param zonesInSights whether zone sizes grow and shrink with the table's length, from the home table's
 * @param sideAllowed   whether it may be played with side
 * @param mirror        when the mirror is played
 * @param explore       what is changed on purpose; empty: an ordinary drill, with pass and fail
 * @param stations      in order, each harder than the last
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
        boolean zonesInSights,
        boolean sideAllowed,
        MirrorRule mirror,
        Optional<Explore> explore,
        Set<Caution> cautions,
        DrillTags tags,
        List<Station> stations) {
    private static final int LONGEST_SENTENCE = 400;
    private static final int MOST_STATIONS = 20;

    public Drill {
        Require.text("id", id, 60);
        Require.between("version", version, 1, Integer.MAX_VALUE);
        Require.text("title", title, 80);
        Objects.requireNonNull(primarySkill);
        purpose = Require.textOrNone("purpose", purpose, LONGEST_SENTENCE);
        watch = Require.textOrNone("watch", watch, LONGEST_SENTENCE);
        missReads = Require.textOrNone("missReads", missReads, LONGEST_SENTENCE);
        Require.between("minutes", minutes, 1, 240);
        tables = List.copyOf(tables);
        mirror = Objects.requireNonNullElse(mirror, MirrorRule.AFTER_THE_ORIGINAL);
        explore = explore == null ? Optional.empty() : explore;
        cautions = cautions == null ? Set.of() : Set.copyOf(cautions);
        Objects.requireNonNull(tags);
        stations = List.copyOf(stations);
        if (tables.isEmpty()) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "tables", 0, "must name at least the home table");
        }
        if (stations.isEmpty() || stations.size() > MOST_STATIONS) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "stations", stations.size(), "must be 1 to " + MOST_STATIONS);
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

    /** How much zones are stretched on a table of this length, home table's length given. */
    public double zoneScale(double lengthMillimetres, double homeLengthMillimetres) {
        return zonesInSights ? lengthMillimetres / homeLengthMillimetres : 1;
    }

    /** The same drill under another name and version. */
    public Drill as(String newId, int newVersion, String newTitle) {
        return new Drill(
                newId,
                newVersion,
                newTitle,
                primarySkill,
                purpose,
                watch,
                missReads,
                minutes,
                tables,
                zonesInSights,
                sideAllowed,
                mirror,
                explore,
                cautions,
                tags,
                stations);
    }
}
