package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.problem.Require;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Whether a session has left what its first ones lead one to expect: exponentially weighted means with limits that count the doubt in the
 * baseline itself. A signal is a hint to look, not a verdict.
 *
 * @param centre what the baseline leads one to expect, in the unit of what is watched: a share from 0 to 1, or a mean
 * @see "statistics/methods.md, ewma; Roberts 1959; Lucas and Saccucci 1990"
 */
public record ControlChart(double centre, List<Watched> points) {

    /** How it stands after a session; {@code value} is empty for one without attempts; all in the unit of the centre. */
    public record Watched(OptionalDouble value, double ewma, double lower, double upper, Optional<Signal> signal) {}

    /** On which side of the limits. */
    public enum Signal {
        ABOVE,
        BELOW
    }

    /** A session's figure and how many attempts it comes of. */
    public record Session(double value, int n) {}

    /**
     * How the chart is drawn.
     *
     * @param lambda    weight of the newest, above 0 to 1
     * @param width     of the limits in standard errors
     * @param inflation how much more form varies than chance explains: phi of {@link FirthTrend}
     */
    public record Settings(int baseline, double lambda, double width, double inflation) {
        public static final Settings USUAL = new Settings(3, 0.3, 2.7, 1);

        public Settings {
            Require.between("lambda", lambda, Double.MIN_VALUE, 1);
            Require.positive("width", width);
            Require.positive("inflation", inflation);
        }
    }

    /** Of shares: made of attempts. */
    public static ControlChart ofShares(List<int[]> madeOfAttempts, Settings settings) {
        List<Session> sessions = new ArrayList<>();
        int made = 0;
        int attempts = 0;
        for (int i = 0; i < madeOfAttempts.size(); i++) {
            int[] one = madeOfAttempts.get(i);
            if (one[0] < 0 || one[1] < 0 || one[0] > one[1]) {
                throw new InvalidInputException(
                        ProblemCode.INVALID_COUNT, "sessions.made", one[0], "must be from 0 to the attempts");
            }
            sessions.add(new Session(one[1] == 0 ? 0 : (double) one[0] / one[1], one[1]));
            if (i < settings.baseline()) {
                made += one[0];
                attempts += one[1];
            }
        }
        requireBaseline(sessions, settings, attempts);
        double centre = (made + 0.5) / (attempts + 1);
        return watched(sessions, settings, centre, centre * (1 - centre), attempts, true);
    }

    /** Of means; {@code unitVariance} is the pooled variance within sessions, in the square of the means' unit. */
    public static ControlChart ofMeans(List<Session> sessions, Settings settings, double unitVariance) {
        Require.notNegative("unitVariance", unitVariance);
        double sum = 0;
        int n = 0;
        for (int i = 0; i < Math.min(sessions.size(), settings.baseline()); i++) {
            Require.finite("sessions.mean", sessions.get(i).value());
            sum += sessions.get(i).value() * sessions.get(i).n();
            n += sessions.get(i).n();
        }
        requireBaseline(sessions, settings, n);
        return watched(sessions, settings, sum / n, unitVariance, n, false);
    }

    private static void requireBaseline(List<Session> sessions, Settings settings, int attempts) {
        Require.between("baseline", settings.baseline(), 1, Math.max(1, sessions.size() - 1));
        if (attempts == 0 || sessions.size() < 2) {
            throw new InvalidInputException(
                    ProblemCode.INVALID_PARAMETER, "baseline", settings.baseline(), "must be sessions with attempts");
        }
    }

    private static ControlChart watched(
            List<Session> sessions, Settings settings, double centre, double unit, int baseline, boolean share) {
        double z = centre;
        double a = 0;
        double b = 0;
        double lambda = settings.lambda();
        List<Watched> points = new ArrayList<>();
        for (Session session : sessions.subList(settings.baseline(), sessions.size())) {
            boolean played = session.n() > 0;
            if (played) {
                z = lambda * session.value() + (1 - lambda) * z;
                a = lambda * lambda / session.n() + (1 - lambda) * (1 - lambda) * a;
                b = lambda + (1 - lambda) * b;
            }
            double half = settings.width() * Math.sqrt(unit * settings.inflation() * (a + b * b / baseline));
            double lower = share ? Math.max(0, centre - half) : centre - half;
            double upper = share ? Math.min(1, centre + half) : centre + half;
            Optional<Signal> signal =
                    z > upper ? Optional.of(Signal.ABOVE) : z < lower ? Optional.of(Signal.BELOW) : Optional.empty();
            points.add(new Watched(
                    played ? OptionalDouble.of(session.value()) : OptionalDouble.empty(), z, lower, upper, signal));
        }
        return new ControlChart(centre, List.copyOf(points));
    }
}
