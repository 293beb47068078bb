package amberrail.core.statistics;

import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** The methods of comparison and progress (sections 1 to 3 of methods.md). */
final class ProgressCalls {
    static final Map<String, MethodCalls.Call> CALLS = new HashMap<>();

    static {
        CALLS.put("compareProportions", ProgressCalls::compareProportions);
        CALLS.put("streaks", ProgressCalls::streaks);
        CALLS.put("normalEllipse", ProgressCalls::normalEllipse);
        CALLS.put("radialSummary", ProgressCalls::radialSummary);
        CALLS.put("robust", ProgressCalls::robust);
        CALLS.put("mirrorCompare", ProgressCalls::mirrorCompare);
        CALLS.put("firthTrend", ProgressCalls::firthTrend);
        CALLS.put("theilSen", ProgressCalls::theilSen);
        CALLS.put(
                "radialChange", in -> ratio(RatioChange.radial(numbers(in, "a"), numbers(in, "b"), level(in)), false));
        CALLS.put("spreadChange", ProgressCalls::spreadChange);
        CALLS.put("ewma", ProgressCalls::ewma);
        CALLS.put("verdict", ProgressCalls::verdict);
        CALLS.put("attemptsNeededProportion", ProgressCalls::attemptsNeededProportion);
        CALLS.put("spreadCv", ProgressCalls::spreadCv);
        CALLS.put("biasAgainst", ProgressCalls::biasAgainst);
        CALLS.put("skillChanges", ProgressCalls::skillChanges);
        CALLS.put("attemptsNeededSpread", ProgressCalls::attemptsNeededSpread);
    }

    private ProgressCalls() {}

    private static Object compareProportions(JsonNode in) {
        ProportionChange change = ProportionChange.of(
                MethodCalls.count(in.get("a"), "successes"),
                MethodCalls.count(in.get("a"), "trials"),
                MethodCalls.count(in.get("b"), "successes"),
                MethodCalls.count(in.get("b"), "trials"),
                level(in));
        Map<String, Object> out = new HashMap<>();
        out.put("difference", change.difference().orElse(null));
        out.put("lower", change.interval().map(Interval::lower).orElse(null));
        out.put("upper", change.interval().map(Interval::upper).orElse(null));
        out.put("fisherP", change.fisherP().orElse(null));
        out.put("verdict", change.verdict().words());
        return reasoned(out, change.reason());
    }

    private static Object streaks(JsonNode in) {
        List<Boolean> outcomes = new ArrayList<>();
        in.get("outcomes").forEach(one -> outcomes.add(one.asInt() == 1));
        Streaks streaks = Streaks.of(outcomes);
        Map<String, Object> out = new HashMap<>();
        out.put("current", streaks.current());
        out.put(
                "currentKind",
                streaks.currentIsMade().map(made -> made ? "made" : "missed").orElse(null));
        out.put("longestMade", streaks.longestMade());
        out.put("longestMissed", streaks.longestMissed());
        out.put("pLongestMade", streaks.pLongestMade().orElse(null));
        return reasoned(out, streaks.reason());
    }

    private static Object normalEllipse(JsonNode in) {
        NormalEllipse ellipse = NormalEllipse.of(
                new Covariance(
                        in.at("/covariance/0/0").asDouble(),
                        in.at("/covariance/0/1").asDouble(),
                        in.at("/covariance/1/1").asDouble()),
                MethodCalls.number(in, "share"));
        return Map.of(
                "semiMajor", ellipse.semiMajor(), "semiMinor", ellipse.semiMinor(), "angleDeg", ellipse.angleDegrees());
    }

    private static Object radialSummary(JsonNode in) {
        List<Double> radii = new ArrayList<>();
        in.get("radii").forEach(one -> radii.add(one.asDouble()));
        RadialSummary summary = RadialSummary.of(radii, MethodCalls.count(in, "scratches"), level(in));
        Map<String, Object> out = new HashMap<>();
        out.put("n", summary.n());
        out.put("mean", summary.mean().orElse(null));
        out.put("rms", summary.rms().orElse(null));
        out.put("median", summary.median().orElse(null));
        out.put("medianLower", summary.medianLower().orElse(null));
        out.put("medianUpper", summary.medianUpper().orElse(null));
        return reasoned(out, summary.reason());
    }

    private static Object robust(JsonNode in) {
        WildShots wild = WildShots.of(MethodCalls.direction(in), MethodCalls.points(in, "points"));
        Map<String, Object> out = new HashMap<>();
        out.put("n", wild.n());
        out.put("centre", wild.centre().map(MethodCalls::pair).orElse(null));
        out.put("madLine", wild.madLine().orElse(null));
        out.put("madSpeed", wild.madSpeed().orElse(null));
        out.put("distance2", wild.distances().orElse(null));
        out.put("cutoff", wild.cutoff().orElse(null));
        out.put("flagged", wild.flagged());
        return reasoned(out, wild.reason());
    }

    private static Object mirrorCompare(JsonNode in) {
        MirrorComparison compared = MirrorComparison.of(
                numbers(in, "original"),
                numbers(in, "mirror"),
                new MirrorComparison.Expected(
                        in.path("expectedOriginal").asDouble(0),
                        in.path("expectedMirror").asDouble(0),
                        in.path("expectedOriginalVariance").asDouble(0),
                        in.path("expectedMirrorVariance").asDouble(0)),
                level(in));
        Map<String, Object> out = new HashMap<>();
        out.put("common", compared.common().orElse(null));
        out.put(
                "commonInterval",
                compared.commonInterval().map(MethodCalls::pair).orElse(null));
        out.put("mirrored", compared.mirrored().orElse(null));
        out.put(
                "mirroredInterval",
                compared.mirroredInterval().map(MethodCalls::pair).orElse(null));
        out.put("df", compared.df().orElse(null));
        out.put("finding", compared.finding().words());
        return reasoned(out, compared.reason());
    }

    private static Object firthTrend(JsonNode in) {
        List<FirthTrend.Session> sessions = new ArrayList<>();
        for (JsonNode one : in.get("sessions")) {
            sessions.add(new FirthTrend.Session(
                    one.get("t").asDouble(),
                    one.get("made").asInt(),
                    one.get("attempts").asInt()));
        }
        FirthTrend trend = FirthTrend.of(sessions, level(in));
        Map<String, Object> out = new HashMap<>();
        Optional<FirthTrend.Fit> fit = trend.fit();
        out.put("sessions", trend.sessions());
        out.put("slope", fit.map(FirthTrend.Fit::slope).orElse(null));
        out.put("slopeSe", fit.map(FirthTrend.Fit::slopeSe).orElse(null));
        out.put("oddsRatio", fit.map(FirthTrend.Fit::oddsRatio).orElse(null));
        out.put(
                "profileInterval",
                fit.map(f -> MethodCalls.pair(f.profileInterval())).orElse(null));
        out.put("lrP", fit.map(FirthTrend.Fit::lrP).orElse(null));
        out.put("phi", fit.map(FirthTrend.Fit::phi).orElse(null));
        out.put(
                "adjustedInterval",
                fit.flatMap(FirthTrend.Fit::adjustedInterval)
                        .map(MethodCalls::pair)
                        .orElse(null));
        out.put("interval", fit.map(f -> MethodCalls.pair(f.interval())).orElse(null));
        out.put("fittedFirst", fit.map(FirthTrend.Fit::fittedFirst).orElse(null));
        out.put("fittedLast", fit.map(FirthTrend.Fit::fittedLast).orElse(null));
        out.put("verdict", trend.verdict().words());
        return reasoned(out, trend.reason());
    }

    private static Object theilSen(JsonNode in) {
        TheilSen trend = TheilSen.of(numbers(in, "t"), numbers(in, "y"), level(in));
        Map<String, Object> out = new HashMap<>();
        out.put("n", trend.n());
        out.put("slope", trend.slope().orElse(null));
        out.put("intercept", trend.intercept().orElse(null));
        out.put("lower", trend.interval().map(Interval::lower).orElse(null));
        out.put("upper", trend.interval().map(Interval::upper).orElse(null));
        out.put("changePerSession", trend.changePerSession().orElse(null));
        return reasoned(out, trend.reason());
    }

    private static Object spreadChange(JsonNode in) {
        return ratio(
                RatioChange.spread(
                        MethodCalls.points(in, "a"),
                        MethodCalls.points(in, "b"),
                        level(in),
                        in.get("permutations").asInt(),
                        in.get("seed").asInt()),
                true);
    }

    private static Object ratio(RatioChange change, boolean withPermutations) {
        Map<String, Object> out = new HashMap<>();
        out.put("ratio", change.ratio().orElse(null));
        out.put("lower", change.interval().map(Interval::lower).orElse(null));
        out.put("upper", change.interval().map(Interval::upper).orElse(null));
        out.put("df", change.df().orElse(null));
        if (withPermutations) {
            out.put("permutationP", change.permutationP().orElse(null));
        }
        out.put("verdict", change.verdict().words());
        return reasoned(out, change.reason());
    }

    private static Object ewma(JsonNode in) {
        ControlChart.Settings settings = new ControlChart.Settings(
                in.get("baseline").asInt(),
                MethodCalls.number(in, "lambda"),
                MethodCalls.number(in, "width"),
                MethodCalls.number(in, "inflation"));
        ControlChart chart;
        if (in.get("kind").asText().equals("proportion")) {
            List<int[]> sessions = new ArrayList<>();
            in.get("sessions")
                    .forEach(one -> sessions.add(new int[] {
                        one.get("made").asInt(), one.get("attempts").asInt()
                    }));
            chart = ControlChart.ofShares(sessions, settings);
        } else {
            List<ControlChart.Session> sessions = new ArrayList<>();
            in.get("sessions")
                    .forEach(one -> sessions.add(new ControlChart.Session(
                            one.path("mean").asDouble(), one.get("n").asInt())));
            chart = ControlChart.ofMeans(sessions, settings, MethodCalls.number(in, "unitVariance"));
        }
        List<Object> points = new ArrayList<>();
        for (ControlChart.Watched point : chart.points()) {
            Map<String, Object> one = new HashMap<>();
            one.put("value", point.value().isPresent() ? point.value().getAsDouble() : null);
            one.put("ewma", point.ewma());
            one.put("lower", point.lower());
            one.put("upper", point.upper());
            one.put(
                    "signal",
                    point.signal().map(signal -> signal.name().toLowerCase()).orElse(null));
            points.add(one);
        }
        return Map.of("centre", chart.centre(), "points", points);
    }

    private static Object verdict(JsonNode in) {
        double lower = MethodCalls.number(in, "lower");
        double upper = MethodCalls.number(in, "upper");
        double noChange = MethodCalls.number(in, "noChange");
        return Map.of(
                "verdict",
                Verdict.of(lower, upper, noChange, in.get("higherIsBetter").asBoolean())
                        .words(),
                "sameWithinMargin",
                Verdict.sameWithinMargin(lower, upper, noChange, MethodCalls.number(in, "margin")));
    }

    private static AttemptsNeeded.Wanted wanted(JsonNode in) {
        return new AttemptsNeeded.Wanted(
                MethodCalls.number(in, "alpha"),
                MethodCalls.number(in, "power"),
                MethodCalls.count(in, "firstAttempts"),
                MethodCalls.count(in, "secondAttempts"));
    }

    private static Object attemptsNeededProportion(JsonNode in) {
        AttemptsNeeded.OfShare needed = AttemptsNeeded.forShare(
                MethodCalls.count(in, "firstMade"), MethodCalls.number(in, "change"), wanted(in));
        Map<String, Object> out = needed(needed.needed());
        out.put("from", needed.from().orElse(null));
        out.put("to", needed.to().orElse(null));
        return out;
    }

    private static Object attemptsNeededSpread(JsonNode in) {
        return needed(
                AttemptsNeeded.forSpread(MethodCalls.number(in, "ratio"), MethodCalls.number(in, "cv"), wanted(in)));
    }

    private static Map<String, Object> needed(AttemptsNeeded needed) {
        Map<String, Object> out = new HashMap<>();
        out.put("each", orNull(needed.each()));
        out.put("second", orNull(needed.second()));
        out.put("more", orNull(needed.more()));
        return reasoned(out, needed.reason());
    }

    private static Object spreadCv(JsonNode in) {
        SpreadCv found = SpreadCv.of(numbers(in, "a"), numbers(in, "b"));
        Map<String, Object> out = new HashMap<>();
        out.put("n", found.n());
        out.put("cv", found.cv().orElse(null));
        out.put("kurtosis", found.kurtosis().orElse(null));
        out.put("skewness", found.skewness().orElse(null));
        out.put("plan", found.plan().orElse(null));
        return reasoned(out, found.reason());
    }

    private static Object biasAgainst(JsonNode in) {
        List<ArrivalError> errors = new ArrayList<>();
        in.get("errors")
                .forEach(one -> errors.add(
                        new ArrivalError(one.get(0).asDouble(), one.get(1).asDouble())));
        JsonNode e = in.get("expectedCovariance");
        BiasAgainst bias = BiasAgainst.of(
                errors,
                in.at("/expected/0").asDouble(),
                in.at("/expected/1").asDouble(),
                new Covariance(
                        e.at("/0/0").asDouble(),
                        e.at("/0/1").asDouble(),
                        e.at("/1/1").asDouble()),
                level(in));
        Map<String, Object> out = new HashMap<>();
        out.put("n", bias.n());
        out.put("real", bias.real());
        bias.fit().ifPresent(fit -> {
            out.put("biasLine", fit.biasLineMillimetres());
            out.put("biasSpeed", fit.biasSpeedMillimetres());
            out.put("biasLineInterval", MethodCalls.pair(fit.biasLineInterval()));
            out.put("biasSpeedInterval", MethodCalls.pair(fit.biasSpeedInterval()));
            out.put("t2", fit.tSquared());
            out.put("f", fit.f());
            out.put("df1", fit.df1());
            out.put("df2", fit.df2());
            out.put("p", fit.p());
        });
        return reasoned(out, bias.reason());
    }

    private static Object skillChanges(JsonNode in) {
        List<SkillChanges.Fitted> fitted = new ArrayList<>();
        in.get("skills").forEach(one -> {
            if (one.path("change").isNumber()) {
                fitted.add(new SkillChanges.Fitted(
                        one.get("id").asText(), MethodCalls.number(one, "change"), MethodCalls.number(one, "se")));
            }
        });
        SkillChanges changes = SkillChanges.of(
                fitted, MethodCalls.number(in, "priorVariance"), MethodCalls.number(in, "share"), level(in));
        Map<String, Object> out = new HashMap<>();
        out.put("verdict", Verdict.NO_CLEAR_CHANGE_YET.words());
        changes.overall().ifPresent(overall -> {
            out.put("overall", overall.logits());
            out.put("overallSe", overall.se());
            out.put("lower", overall.interval().lower());
            out.put("upper", overall.interval().upper());
            out.put("verdict", overall.verdict().words());
        });
        out.put(
                "skills",
                changes.skills().stream()
                        .map(one -> Map.of(
                                "id", one.id(),
                                "change", one.change().logits(),
                                "se", one.change().se(),
                                "lower", one.change().interval().lower(),
                                "upper", one.change().interval().upper(),
                                "verdict", one.change().verdict().words()))
                        .toList());
        return reasoned(out, changes.reason());
    }

    private static double level(JsonNode in) {
        return MethodCalls.number(in, "level");
    }

    private static double[] numbers(JsonNode in, String field) {
        JsonNode list = in.get(field);
        double[] values = new double[list.size()];
        for (int i = 0; i < values.length; i++) {
            if (!list.get(i).isNumber()) {
                throw new InvalidInputException(ProblemCode.NOT_FINITE, field, list.get(i), "must be numbers");
            }
            values[i] = list.get(i).asDouble();
        }
        return values;
    }

    private static Object orNull(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }

    static Map<String, Object> reasoned(Map<String, Object> out, Optional<Reason> reason) {
        out.put("reason", reason.map(Enum::name).orElse(null));
        return out;
    }
}
