package amberrail.app.progress;

import amberrail.app.attempts.AttemptService;
import amberrail.app.attempts.AttemptService.JudgedAttempt;
import amberrail.app.attempts.RecordedAttempt;
import amberrail.app.people.PeopleService;
import amberrail.app.people.SignedIn;
import amberrail.app.progress.ProgressView.DistanceTrend;
import amberrail.app.progress.ProgressView.SessionPoint;
import amberrail.app.progress.ProgressView.StationProgress;
import amberrail.app.progress.ProgressView.SuccessTrend;
import amberrail.app.sessions.PracticeSession;
import amberrail.core.drill.Drill;
import amberrail.core.drill.TryResult;
import amberrail.core.statistics.FirthTrend;
import amberrail.core.statistics.Interval;
import amberrail.core.statistics.PottingResult;
import amberrail.core.statistics.Proportion;
import amberrail.core.statistics.Reason;
import amberrail.core.statistics.TheilSen;
import amberrail.core.statistics.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Puts a student's attempts together by station and session and asks core whether they rise. */
@Service
class ProgressService {
    private static final int NEWEST = 5_000;
    /** A landing nearer than this counts as this near (methods.md, theilSen). */
    private static final double NEAREST_MILLIMETRES = 1;

    private final AttemptService attempts;
    private final PeopleService people;

    ProgressService(AttemptService attempts, PeopleService people) {
        this.attempts = attempts;
        this.people = people;
    }

    private record Place(String drillId, int station) {}

    ProgressView of(SignedIn who, UUID studentId) {
        List<JudgedAttempt> all = attempts.judgedOf(who, studentId, NEWEST);
        Map<Place, List<JudgedAttempt>> byPlace = new LinkedHashMap<>();
        for (JudgedAttempt one : all) {
            Place place = new Place(one.drill().id(), one.recorded().body().station());
            byPlace.computeIfAbsent(place, k -> new ArrayList<>()).add(one);
        }
        return new ProgressView(
                studentId,
                people.person(studentId).name(),
                all.size(),
                byPlace.values().stream()
                        .map(ProgressService::station)
                        .sorted(Comparator.comparing(StationProgress::drillTitle)
                                .thenComparing(StationProgress::station))
                        .toList());
    }

    private static StationProgress station(List<JudgedAttempt> here) {
        Drill drill = here.get(0).drill();
        int station = here.get(0).recorded().body().station();
        Map<UUID, List<JudgedAttempt>> bySession = new LinkedHashMap<>();
        here.forEach(one -> bySession
                .computeIfAbsent(one.session().id(), k -> new ArrayList<>())
                .add(one));
        List<SessionPoint> sessions = bySession.values().stream()
                .map(ProgressService::point)
                .sorted(Comparator.comparing(SessionPoint::startedAt))
                .toList();
        return new StationProgress(
                drill.id(),
                drill.title(),
                drill.primarySkill(),
                station,
                drill.station(station).name(),
                sessions,
                success(sessions),
                distance(sessions));
    }

    private static SessionPoint point(List<JudgedAttempt> shots) {
        PracticeSession session = shots.get(0).session();
        int successes = 0;
        int judged = 0;
        int potted = 0;
        int landings = 0;
        double logs = 0;
        for (JudgedAttempt shot : shots) {
            RecordedAttempt one = shot.recorded();
            TryResult result = one.judgement().result();
            successes += result == TryResult.SUCCESS ? 1 : 0;
            judged += result == TryResult.NOT_JUDGED ? 0 : 1;
            potted += one.body().outcome().potted() ? 1 : 0;
            if (one.arrivalError().isPresent() && one.body().outcome().pot() == PottingResult.Pot.MADE) {
                landings++;
                logs += Math.log(
                        Math.max(NEAREST_MILLIMETRES, one.arrivalError().get().radialMillimetres()));
            }
        }
        return new SessionPoint(
                session.id(),
                session.startedAt(),
                successes,
                judged,
                potted,
                shots.size(),
                landings,
                landings == 0 ? null : Math.exp(logs / landings));
    }

    private static SuccessTrend success(List<SessionPoint> sessions) {
        List<FirthTrend.Session> asked = new ArrayList<>();
        for (int i = 0; i < sessions.size(); i++) {
            asked.add(new FirthTrend.Session(
                    i + 1, sessions.get(i).successes(), sessions.get(i).judged()));
        }
        FirthTrend trend = FirthTrend.of(asked, Proportion.DEFAULT_LEVEL);
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

    private static DistanceTrend distance(List<SessionPoint> sessions) {
        List<SessionPoint> landed = sessions.stream()
                .filter(one -> one.meanRadialMillimetres() != null)
                .toList();
        double[] t = new double[landed.size()];
        double[] y = new double[landed.size()];
        for (int i = 0; i < t.length; i++) {
            t[i] = i + 1;
            y[i] = Math.log(landed.get(i).meanRadialMillimetres());
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
