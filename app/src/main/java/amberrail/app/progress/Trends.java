package amberrail.app.progress;

import amberrail.app.progress.ProgressView.DistanceTrend;
import amberrail.app.progress.ProgressView.SuccessTrend;
import amberrail.core.statistics.FirthTrend;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.TheilSen;
import amberrail.core.statistics.Verdict;
import java.util.List;
import java.util.Optional;

/** Trends of core as the page reads them; one session is one step of time. */
final class Trends {
    private Trends() {}

    /** Made of attempts, oldest session first. */
    static SuccessTrend success(List<FirthTrend.Session> sessions) {
        FirthTrend trend = FirthTrend.of(sessions, Proportion.DEFAULT_LEVEL);
        Optional<FirthTrend.Fit> fit = trend.fit();
        Optional<Interval> interval = fit.map(FirthTrend.Fit::interval);
        return new SuccessTrend(
                trend.verdict(),
                fit.map(FirthTrend.Fit::oddsRatio).orElse(null),
                interval.map(Interval::lower).map(Math::exp).orElse(null),
                interval.map(Interval::upper).map(Math::exp).orElse(null),
                fit.map(FirthTrend.Fit::fittedFirst).orElse(null),
                fit.map(FirthTrend.Fit::fittedLast).orElse(null),
                fit.map(FirthTrend.Fit::phi).orElse(null),
                trend.reason().orElse(null));
    }

    /** Of the geometric mean distances (mm) of sessions with landings, oldest first. */
    static DistanceTrend distance(List<Double> meanRadialMillimetres) {
        double[] t = new double[meanRadialMillimetres.size()];
        double[] y = new double[meanRadialMillimetres.size()];
        for (int i = 0; i < t.length; i++) {
            t[i] = i + 1;
            y[i] = Math.log(meanRadialMillimetres.get(i));
        }
        TheilSen trend = TheilSen.of(t, y, Proportion.DEFAULT_LEVEL);
        Optional<Interval> interval = trend.interval();
        return new DistanceTrend(
                interval.map(range -> Verdict.of(range.lower(), range.upper(), 0, false))
                        .orElse(Verdict.NO_CLEAR_CHANGE_YET),
                trend.changePerSession().orElse(null),
                interval.map(range -> Math.expm1(range.lower())).orElse(null),
                interval.map(range -> Math.expm1(range.upper())).orElse(null),
                trend.reason()
                        .or(() -> t.length == 0 ? Optional.of(Reason.NO_DATA) : Optional.empty())
                        .orElse(null));
    }
}
