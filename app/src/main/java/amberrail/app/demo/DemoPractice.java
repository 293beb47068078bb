package amberrail.app.demo;

import amberrail.app.attempts.AttemptBody;
import amberrail.core.attempt.Landing;
import amberrail.core.attempt.PotOutcome;
import amberrail.core.drill.ShotLayout;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Point;
import amberrail.core.table.TablePlan;
import java.time.Instant;
import java.util.Random;
import java.util.UUID;

/**
 * Made-up attempts of a student with known errors. Not the shot simulator: contact error decides the pot and pushes the
 * landing, pace error makes it long or short, both normal with the student's own deviations.
 */
final class DemoPractice {
    private static final double FOUL_PROBABILITY = 0.015;
    private static final double NOT_SEEN_PROBABILITY = 0.03;
    private static final double MISSED_BY_MORE_IS_OTHER = 4;
    private static final double TAP_SD_MILLIMETRES = 17;
    private static final double MILLIMETRES_LINE_PER_CONTACT = 26;
    private static final double MILLIMETRES_SPEED_PER_CONTACT = -30;

    private final TablePlan table;
    private final Random random;

    DemoPractice(TablePlan table, Random random) {
        this.table = table;
        this.random = random;
    }

    /**
     * A student's errors.
     *
     * @param contactSd       of the contact, in units of the pocket's half tolerance
     * @param paceSdMillimetres of the landing along the way of travel
     * @param lineSdMillimetres of the landing across it
     * @param paceBiasMillimetres positive long
     */
    record Errors(double contactSd, double paceSdMillimetres, double lineSdMillimetres, double paceBiasMillimetres) {}

    AttemptBody attempt(ShotLayout asked, int station, long sequence, Errors errors, Instant playedAt) {
        double contact = errors.contactSd() * random.nextGaussian();
        PotOutcome outcome = outcome(contact);
        boolean foul = random.nextDouble() < FOUL_PROBABILITY;
        boolean seen = random.nextDouble() > NOT_SEEN_PROBABILITY;
        Point place = place(asked, contact, errors);
        AttemptBody.LandingBody landing =
                seen && table.holds(place, asked.cueBall().spec())
                        ? new AttemptBody.LandingBody(
                                tenth(place.xMillimetres()),
                                tenth(place.yMillimetres()),
                                Landing.PlacedBy.TAP,
                                TAP_SD_MILLIMETRES)
                        : null;
        return new AttemptBody(
                0,
                false,
                station,
                asked.mirrored(),
                new UUID(random.nextLong(), random.nextLong()),
                0,
                sequence,
                "demo",
                outcome,
                foul,
                false,
                landing,
                null,
                playedAt);
    }

    /** Positive contact is thick. */
    private static PotOutcome outcome(double contact) {
        double size = Math.abs(contact);
        if (size < 0.7) {
            return PotOutcome.POTTED_CLEAN;
        }
        if (size < 1) {
            return contact > 0 ? PotOutcome.OFF_THICK_JAW : PotOutcome.OFF_THIN_JAW;
        }
        if (size > MISSED_BY_MORE_IS_OTHER) {
            return PotOutcome.OTHER;
        }
        return contact > 0 ? PotOutcome.MISSED_THICK : PotOutcome.MISSED_THIN;
    }

    private Point place(ShotLayout asked, double contact, Errors errors) {
        double cutSide = Math.signum(asked.potLine().orElseThrow().cutDegrees());
        double line =
                errors.lineSdMillimetres() * random.nextGaussian() + cutSide * contact * MILLIMETRES_LINE_PER_CONTACT;
        double speed = errors.paceBiasMillimetres()
                + errors.paceSdMillimetres() * random.nextGaussian()
                + contact * MILLIMETRES_SPEED_PER_CONTACT;
        Direction arrival = asked.arrival();
        return asked.target().moved(arrival, speed).moved(arrival.left(), line);
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
