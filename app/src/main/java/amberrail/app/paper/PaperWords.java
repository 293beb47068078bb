package amberrail.app.paper;

import amberrail.app.drills.DemandView;
import amberrail.app.drills.RuleView;
import amberrail.app.people.Preferences;
import amberrail.core.drill.BallPlacement;
import amberrail.core.drill.Caution;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import java.util.Locale;
import java.util.stream.Collectors;

/** The words of a printed card in the reader's dialect. */
final class PaperWords {
    private final boolean snooker;

    PaperWords(Preferences.Dialect dialect) {
        snooker = dialect == Preferences.Dialect.SNOOKER;
    }

    String cushion(Cushion cushion) {
        return switch (cushion) {
            case W -> snooker ? "bottom cushion" : "head rail";
            case E -> snooker ? "top cushion" : "foot rail";
            case S -> snooker ? "right long cushion" : "right long rail";
            case N -> snooker ? "left long cushion" : "left long rail";
        };
    }

    String pocket(PocketName pocket) {
        return switch (pocket) {
            case SW -> snooker ? "bottom right" : "head right";
            case S -> snooker ? "right middle" : "right side";
            case SE -> snooker ? "top right" : "foot right";
            case NE -> snooker ? "top left" : "foot left";
            case N -> snooker ? "left middle" : "left side";
            case NW -> snooker ? "bottom left" : "head left";
        };
    }

    String sights(double along, double across) {
        return String.format(Locale.ROOT, "%s %.2f · %.2f", sights(), along, across);
    }

    String ball(BallPlacement.Role role, String label) {
        return switch (role) {
            case CUE -> "Cue ball";
            case OBJECT -> "Ball " + label;
            case NEXT -> "Next ball " + label;
            case BLOCKER -> "Blocker " + label;
        };
    }

    /** The same in both dialects. */
    static String caution(Caution caution) {
        return switch (caution) {
            case BALL_MAY_LEAVE_THE_TABLE -> "A ball may leave the table: clear the space, nobody opposite.";
            case RAISED_CUE -> "Raised cue: ask whether the house allows it; the cloth can suffer.";
            case PUSH_STROKE -> "Balls close together: a short stroke, so that it is no push.";
            case RING_UNDER_BALL ->
                "A ring under a ball changes how it leaves: mark beside it, or lift it before the shot.";
            case REPETITION ->
                "Bending and repeating tire the back: take breaks, stop if something hurts, and see a doctor if it stays.";
        };
    }

    String rule(RuleView rule) {
        String asked = switch (rule.kind()) {
            case IN_A_ROW -> rule.successes() + " in a row";
            case OF_A_BLOCK -> rule.successes() + " of " + rule.outOf();
            case OF_THE_LAST -> rule.successes() + " of the last " + rule.outOf();
            case WHOLE_RUN -> "a whole run without a miss";
            case POINTS_TOTAL -> rule.successes() + " points in " + rule.outOf() + " tries";
        };
        return asked + ", at most " + rule.capTries() + " tries a session";
    }

    String demand(DemandView demand) {
        String balls = demand.balls() == null ? "" : String.join(", ", demand.balls());
        return switch (demand.kind()) {
            case POT -> pot(demand, balls);
            case LAND ->
                demand.zone().radiusMillimetres() == null
                        ? capital(ballName(balls)) + " stops in the marked zone"
                        : String.format(
                                Locale.ROOT,
                                "%s stops within %.0f mm of the ring's centre",
                                capital(ballName(balls)),
                                demand.zone().radiusMillimetres());
            case TOUCH -> touch(demand, balls);
            case CUSHION_POINT ->
                String.format(
                        Locale.ROOT,
                        "Then the cue ball meets the %s at %.1f %s",
                        cushion(demand.cushions().get(0)),
                        demand.sightsAlong(),
                        sights());
            case CUE_BALL_INTO -> "The cue ball follows into the " + pocket(demand.pocket()) + " pocket";
            case LEAVE_ALONE -> "Nothing touches " + balls;
            case NOT_CROSS -> "The cue ball does not cross the line";
            case STAY_IN -> "The cue ball stays in the marked part";
            case USE_CUSHIONS -> "The cue ball goes by " + cushions(demand);
            case CUSHIONS_FIRST ->
                "At least " + demand.least() + (snooker ? " cushions" : " rails") + " before the ball";
            case HIDE_FROM -> "Ball " + balls + " cannot be hit straight afterwards";
        };
    }

    private String pot(DemandView demand, String balls) {
        String pocket = pocket(demand.pocket()) + " pocket";
        if (demand.cushions() != null && !demand.cushions().isEmpty()) {
            return (snooker ? "Double ball " : "Bank ball ") + balls + " off the " + cushions(demand) + " into the "
                    + pocket;
        }
        String half = switch (demand.half()) {
            case ANY -> "";
            case LEFT -> "left half of the ";
            case RIGHT -> "right half of the ";
        };
        return (snooker ? "Pot ball " : "Pocket ball ") + balls + " in the " + half + pocket;
    }

    private static String touch(DemandView demand, String balls) {
        if (!Boolean.TRUE.equals(demand.inOrder())) {
            return "The cue ball touches " + balls;
        }
        return demand.balls().size() == 1
                ? "The cue ball hits ball " + balls + " first"
                : "The cue ball touches " + balls + ", in this order and nothing before";
    }

    private String sights() {
        return snooker ? "sights" : "diamonds";
    }

    private String cushions(DemandView demand) {
        return demand.cushions().stream().map(this::cushion).collect(Collectors.joining(", "));
    }

    private static String ballName(String label) {
        return label.equals("cue") ? "the cue ball" : "ball " + label;
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
