package amberrail.app.progress;

import amberrail.app.progress.ProgressView.DistanceTrend;
import amberrail.app.progress.ProgressView.SessionPoint;
import amberrail.app.progress.ProgressView.SuccessTrend;
import amberrail.core.statistics.FirthTrend;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.TheilSen;
import amberrail.core.statistics.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Trends of the stations of one page; one session is one step of time. Intervals are shown at 95 %, and better or worse is said only where a stricter
 * one leaves no doubt: many rows share a page, and it is to speak with one voice (methods.md, "Verdicts").
 *
 * @param successLevel  of the interval that the words about success go by
 * @param distanceLevel likewise about distance
 */
record Trends(double successLevel, double distanceLevel) {
    private static final double LEAST_LEVEL = 0.99;
    private static final double FALSE_WORDS_A_PAGE = 0.02;

    /** By how many rows of the page have an interval at all. */
    static Trends ofPage(List<List<SessionPoint>> stations) {
        long successes = stations.stream()
                .filter(one -> FirthTrend.of(successes(one), Proportion.DEFAULT_LEVEL)
                        .fit()
                        .isPresent())
                .count();
        long distances = stations.stream()
                .filter(one ->
                        theilSen(one, Proportion.DEFAULT_LEVEL).interval().isPresent())
                .count();
        return new Trends(level(successes), level(distances));
    }

    private static double level(long rows) {
        return Math.max(LEAST_LEVEL, 1 - FALSE_WORDS_A_PAGE / Math.max(1, rows));
    }

    SuccessTrend success(List<SessionPoint> oldestFirst) {
        List<FirthTrend.Session> sessions = successes(oldestFirst);
        return success(sessions, FirthTrend.of(sessions, successLevel).verdict());
    }

    /** All potting together never says better or worse: its stations change. */
    static SuccessTrend withoutWords(List<FirthTrend.Session> sessions) {
        return success(sessions, Verdict.NO_CLEAR_CHANGE_YET);
    }

    private static List<FirthTrend.Session> successes(List<SessionPoint> oldestFirst) {
        List<FirthTrend.Session> successes = new ArrayList<>();
        for (SessionPoint one : oldestFirst) {
            successes.add(new FirthTrend.Session(successes.size() + 1, one.successes(), one.judged()));
        }
        return successes;
    }

    private static SuccessTrend success(List<FirthTrend.Session> sessions, Verdict words) {
        FirthTrend trend = FirthTrend.of(sessions, Proportion.DEFAULT_LEVEL);
        Optional<FirthTrend.Fit> fit = trend.fit();
        Optional<Interval> interval = fit.map(FirthTrend.Fit::interval);
        return new SuccessTrend(
                words,
                fit.map(FirthTrend.Fit::oddsRatio).orElse(null),
                interval.map(Interval::lower).map(Math::exp).orElse(null),
                interval.map(Interval::upper).map(Math::exp).orElse(null),
                fit.map(FirthTrend.Fit::fittedFirst).orElse(null),
                fit.map(FirthTrend.Fit::fittedLast).orElse(null),
                fit.map(FirthTrend.Fit::phi).orElse(null),
                trend.reason().orElse(null));
    }

    /** Of the geometric mean distances of sessions with landings. */
    DistanceTrend distance(List<SessionPoint> oldestFirst) {
        TheilSen trend = theilSen(oldestFirst, Proportion.DEFAULT_LEVEL);
        Optional<Interval> interval = trend.interval();
        return new DistanceTrend(
                theilSen(oldestFirst, distanceLevel)
                        .interval()
                        .map(range -> Verdict.of(range.lower(), range.upper(), 0, false))
                        .orElse(Verdict.NO_CLEAR_CHANGE_YET),
                trend.changePerSession().orElse(null),
                interval.map(range -> Math.expm1(range.lower())).orElse(null),
                interval.map(range -> Math.expm1(range.upper())).orElse(null),
                trend.reason()
                        .or(() -> trend.n() == 0 ? Optional.of(Reason.NO_DATA) : Optional.empty())
                        .orElse(null));
    }

    private static TheilSen theilSen(List<SessionPoint> oldestFirst, double level) {
        double[] y = oldestFirst.stream()
                .map(SessionPoint::meanRadialMillimetres)
                .filter(Objects::nonNull)
                .mapToDouble(Math::log)
                .toArray();
        double[] t = new double[y.length];
        for (int i = 0; i < t.length; i++) {
            t[i] = i + 1;
        }
        return TheilSen.of(t, y, level);
    }
}
