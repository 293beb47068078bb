package amberrail.app.demo;

import java.util.List;

/** Which table a made-up student is at in which session, and what is played there: every kind of table is used. */
final class DemoProgramme {
    private static final String NINE_FOOT = "pool-9ft";
    private static final String LAST_DRILL = "roll-on-to-the-ring";
    /** One for each skill that is practised on the nine-foot table. */
    private static final List<String> NINE_FOOT_DRILLS =
            List.of(LAST_DRILL, "down-the-hall", "stop-and-slide", "draw-ladder", "roll-to-the-mat", "deep-straight");

    private static final Practice LAST = new Practice(NINE_FOOT, List.of(LAST_DRILL));
    private static final Practice TWELVE_FOOT =
            new Practice("snooker-12ft", List.of("long-blue", "black-and-stay", "baulk-and-back"));
    private static final Practice PUB = new Practice("pub-7ft", List.of("roll-on-to-the-mat-7"));
    private static final List<Practice> SMALLER_TABLES = List.of(
            new Practice("pool-8ft", List.of("deep-straight", "dead-in-its-tracks")),
            new Practice("pool-7ft", List.of("dead-in-its-tracks", "half-the-ball")));

    private DemoProgramme() {}

    /** Where a student is at home. */
    enum Room {
        MAIN,
        /** Every third session on one of the smaller tables. */
        ALL_POOL_TABLES,
        /** Every other session, and the last one, on the 12 ft table. */
        SNOOKER,
        /** The same on the pub table. */
        PUB
    }

    /** One session's table and drills. */
    record Practice(String tableId, List<String> drillIds) {}

    static Practice of(Room room, int session, boolean last) {
        return switch (room) {
            case MAIN -> last ? LAST : nineFoot(session);
            case ALL_POOL_TABLES ->
                last
                        ? LAST
                        : session % 3 == 2
                                ? SMALLER_TABLES.get(session / 3 % SMALLER_TABLES.size())
                                : nineFoot(session);
            case SNOOKER -> last || session % 2 == 0 ? TWELVE_FOOT : nineFoot(session / 2);
            case PUB -> last || session % 2 == 0 ? PUB : nineFoot(session / 2);
        };
    }

    private static Practice nineFoot(int session) {
        return new Practice(
                NINE_FOOT,
                List.of(
                        NINE_FOOT_DRILLS.get(session % NINE_FOOT_DRILLS.size()),
                        NINE_FOOT_DRILLS.get((session + 2) % NINE_FOOT_DRILLS.size())));
    }
}
