package amberrail.app.paper;

import amberrail.app.drills.DemandView;
import amberrail.app.drills.OwnDrillId;
import amberrail.app.drills.PlaceView;
import amberrail.app.drills.RuleView;
import amberrail.app.people.Preferences.Dialect;
import amberrail.app.words.DrillTerms;
import amberrail.app.words.WordCatalogue;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Caution;
import amberrail.core.motion.Bridge;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketHalf;
import amberrail.core.table.PocketName;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** A printed card's sentences in the reader's dialect: those of the screen, filled in. Paper has mm whatever the reader's unit, for the tape. */
final class PaperWords {
    private final Dialect dialect;
    private final WordCatalogue words;

    PaperWords(Dialect dialect) {
        this.dialect = dialect;
        words = new WordCatalogue(dialect);
    }

    /** A text of a drill; what somebody wrote themselves stays as they wrote it. */
    String drillText(String drillId, String text) {
        return OwnDrillId.is(drillId) ? text : DrillTerms.inDialect(text, dialect);
    }

    String cushion(Cushion cushion) {
        return words.of("cushion", cushion);
    }

    String pocket(PocketName pocket) {
        return words.of("pocket", pocket);
    }

    String sights(double along, double across) {
        return words.say("drills.sights", Map.of("along", figure(2, along), "across", figure(2, across)));
    }

    String fromTwoCushions(PlaceView at) {
        return words.say(
                "paper.fromTwoCushions",
                Map.of(
                        "short", figure(0, at.fromShortMillimetres()),
                        "shortName", cushion(at.shortCushion()),
                        "long", figure(0, at.fromLongMillimetres()),
                        "longName", cushion(at.longCushion())));
    }

    String zoneCentre() {
        return words.say("paper.zoneCentre");
    }

    String marks() {
        return words.say("paper.marks");
    }

    /** What the numbers at the balls are. */
    String tape() {
        return words.say("paper.tape");
    }

    String side(boolean mirrored) {
        return words.say(mirrored ? "paper.mirror" : "paper.original");
    }

    String shotOf(int shot, int shots) {
        return words.say("paper.shotOf", Map.of("n", shot, "of", shots));
    }

    String ball(BallPlacement.Role role, String label) {
        return words.say("drills.ball." + role, Map.of("label", label));
    }

    String bridge(Bridge bridge) {
        return words.of("bridge", bridge);
    }

    String caution(Caution caution) {
        return words.of("caution", caution);
    }

    String rule(RuleView rule) {
        Map<String, Object> values = new HashMap<>(Map.of("successes", rule.successes(), "cap", rule.capTries()));
        values.put("outOf", rule.outOf() == null ? "" : rule.outOf());
        return words.say("rule." + rule.kind(), values) + ", " + words.say("rule.cap", values);
    }

    String demand(DemandView demand) {
        Map<String, Object> values = new HashMap<>();
        values.put("balls", balls(demand));
        values.put("pocket", demand.pocket() == null ? "" : pocket(demand.pocket()));
        values.put("cushions", cushions(demand.cushions()));
        values.put("radius", radius(demand));
        values.put("sights", demand.sightsAlong() == null ? "" : figure(1, demand.sightsAlong()));
        return words.count("drills.demand." + key(demand), demand.least() == null ? 1 : demand.least(), values);
    }

    /** Which of the sentences about its kind says it. */
    private static String key(DemandView demand) {
        return switch (demand.kind()) {
            case POT -> {
                if (!none(demand.cushions())) {
                    yield "POT_VIA";
                }
                yield demand.half() == null || demand.half() == PocketHalf.ANY ? "POT" : "POT_" + demand.half();
            }
            case LAND -> demand.zone().radiusMillimetres() == null ? "LAND" : "LAND_CIRCLE";
            case TOUCH -> {
                if (!Boolean.TRUE.equals(demand.inOrder())) {
                    yield "TOUCH";
                }
                yield demand.balls().size() == 1 ? "TOUCH_FIRST" : "TOUCH_IN_ORDER";
            }
            default -> demand.kind().name();
        };
    }

    private String balls(DemandView demand) {
        if (none(demand.balls())) {
            return "";
        }
        return demand.balls().stream()
                .map(label -> {
                    if (label.equals("cue")) {
                        return words.say("drills.demand.CUE");
                    }
                    return demand.kind() == DemandView.Kind.LAND
                            ? words.say("drills.demand.BALL", Map.of("label", label))
                            : label;
                })
                .collect(Collectors.joining(", "));
    }

    private String cushions(List<Cushion> cushions) {
        return none(cushions) ? "" : cushions.stream().map(this::cushion).collect(Collectors.joining(", "));
    }

    private String radius(DemandView demand) {
        return demand.zone() == null || demand.zone().radiusMillimetres() == null
                ? ""
                : words.say("unit.mm", Map.of("n", figure(0, demand.zone().radiusMillimetres())));
    }

    private static boolean none(List<?> list) {
        return list == null || list.isEmpty();
    }

    private static String figure(int decimals, double value) {
        return String.format(Locale.ROOT, "%." + decimals + "f", value);
    }
}
