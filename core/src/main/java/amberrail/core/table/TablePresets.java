package amberrail.core.table;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import java.util.List;

/** The five tables of physics/model.md section 7; what is an assumption there is one here. */
public final class TablePresets {
    private static final double POOL_NOSE_MILLIMETRES = 36.29;
    private static final BallSet POOL_BALLS = BallSet.ofEqual(new BallSpec(57.15, 0.170));

    public static final TableSpec POOL_9FT = pool(
            "pool-9ft",
            2540,
            1270,
            new PocketShape(114.3, 38, 3, 60, 41.3, 60),
            new PocketShape(127.0, 76, 3, 45, 4.8, 60));

    public static final TableSpec POOL_8FT = pool(
            "pool-8ft",
            2235.2,
            1117.6,
            new PocketShape(117.5, 38, 3, 60, 41.3, 60),
            new PocketShape(130.2, 76, 3, 45, 4.8, 60));

    public static final TableSpec POOL_7FT = pool(
            "pool-7ft",
            1981.2,
            990.6,
            new PocketShape(117.5, 38, 3, 60, 41.3, 60),
            new PocketShape(130.2, 76, 3, 45, 4.8, 60));

    public static final TableSpec SNOOKER_12FT = new TableSpec(
            "snooker-12ft",
            TableKind.SNOOKER,
            3569,
            1778,
            33.0,
            new PocketShape(87.0, 45, 95, 25, 41, 55),
            new PocketShape(100.0, 80, 45, 25, 34, 55),
            BallSet.ofEqual(new BallSpec(52.5, 0.142)));

    public static final TableSpec PUB_7FT = new TableSpec(
            "pub-7ft",
            TableKind.PUB,
            1829,
            914,
            32.0,
            new PocketShape(85.0, 45, 60, 25, 28, 50),
            new PocketShape(93.0, 80, 35, 25, 27, 50),
            new BallSet(new BallSpec(47.6, 0.0982), new BallSpec(50.8, 0.1194)));

    private static final List<TableSpec> ALL = List.of(POOL_9FT, POOL_8FT, POOL_7FT, SNOOKER_12FT, PUB_7FT);

    private TablePresets() {}

    public static List<TableSpec> all() {
        return ALL;
    }

    /** The table that a game is usually played on. */
    public static TableSpec usual(TableKind kind) {
        return switch (kind) {
            case POOL -> POOL_9FT;
            case SNOOKER -> SNOOKER_12FT;
            case PUB -> PUB_7FT;
        };
    }

    /** {@code UNKNOWN_ID} if no preset has that id. */
    public static TableSpec byId(String id) {
        return ALL.stream()
                .filter(spec -> spec.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        ProblemCode.UNKNOWN_ID,
                        "table",
                        id,
                        "must be one of " + ALL.stream().map(TableSpec::id).toList()));
    }

    private static TableSpec pool(
            String id, double lengthMillimetres, double widthMillimetres, PocketShape corner, PocketShape side) {
        return new TableSpec(
                id,
                TableKind.POOL,
                lengthMillimetres,
                widthMillimetres,
                POOL_NOSE_MILLIMETRES,
                corner,
                side,
                POOL_BALLS);
    }
}
