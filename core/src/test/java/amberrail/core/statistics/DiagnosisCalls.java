package amberrail.core.statistics;

import amberrail.core.geometry.Point;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** The methods of section 6: why a shot landed where it did, and a student's own error sizes. */
final class DiagnosisCalls {
    static final Map<String, MethodCalls.Call> CALLS = Map.of(
            "mapCause", DiagnosisCalls::mapCause,
            "strokeMean", DiagnosisCalls::strokeMean,
            "strokeLikelihood", DiagnosisCalls::strokeLikelihood,
            "ownErrors", DiagnosisCalls::ownErrors,
            "adviceEvidence", DiagnosisCalls::adviceEvidence);

    private DiagnosisCalls() {}

    private static Object mapCause(JsonNode in) {
        JsonNode aim = in.path("aim");
        MapCause cause = MapCause.of(
                matrix(in.get("jacobian")),
                vector(in.get("priorSd")),
                in.at("/error/0").asDouble(),
                in.at("/error/1").asDouble(),
                matrix(in.get("noise")),
                aim.isObject()
                        ? Optional.of(new MapCause.Bounds(
                                aim.get("index").asInt(),
                                end(aim.get("low"), Double.NEGATIVE_INFINITY),
                                end(aim.get("high"), Double.POSITIVE_INFINITY)))
                        : Optional.empty());
        Map<String, Object> out = new HashMap<>();
        out.put("estimate", list(cause.estimate()));
        out.put("inPriorSds", list(cause.inPriorSds()));
        out.put("posteriorSd", list(cause.posteriorSd()));
        out.put("resolution", list(cause.resolution()));
        out.put("residual", list(cause.residual()));
        out.put("surpriseP", cause.surpriseP());
        out.put("probabilityOrdinary", cause.probabilityOrdinary());
        out.put("probabilityCause", list(cause.probabilityCause()));
        out.put("likely", cause.likely().isPresent() ? cause.likely().getAsInt() : null);
        return out;
    }

    private static StrokeTable table(JsonNode strokes) {
        List<String> outcomes = new ArrayList<>();
        strokes.get("outcome").forEach(one -> outcomes.add(one.asText()));
        List<Point> landings = new ArrayList<>();
        strokes.get("landing").forEach(one -> landings.add(landing(one).orElse(null)));
        return new StrokeTable(new StrokeDraws(matrix(strokes.get("z"))), outcomes, landings);
    }

    private static Optional<Point> landing(JsonNode node) {
        return node.isArray()
                ? Optional.of(new Point(node.get(0).asDouble(), node.get(1).asDouble()))
                : Optional.empty();
    }

    private static StrokeCell cell(JsonNode node) {
        List<StrokeCell.Seen> seen = new ArrayList<>();
        node.get("attempts")
                .forEach(one -> seen.add(new StrokeCell.Seen(
                        one.get("outcome").asText(),
                        landing(one.path("landing")),
                        one.get("placingSd").asDouble())));
        return new StrokeCell(table(node.get("strokes")), seen);
    }

    private static List<StrokeCell> cells(JsonNode in) {
        List<StrokeCell> cells = new ArrayList<>();
        in.get("cells").forEach(one -> cells.add(cell(one)));
        return cells;
    }

    private static OwnSizes.Prior prior(JsonNode in) {
        return new OwnSizes.Prior(vector(in.at("/prior/mean")), matrix(in.at("/prior/covariance")));
    }

    private static StrokeShape shape(JsonNode in) {
        return in.get("heavy").asBoolean() ? StrokeShape.HEAVY : StrokeShape.NORMAL;
    }

    private static Object strokeMean(JsonNode in) {
        StrokeMean found = StrokeMean.of(table(in.get("strokes")), vector(in.get("sizes")), shape(in));
        Map<String, Object> out = new HashMap<>();
        out.put("outcomes", found.outcomes());
        out.put("effective", found.effective());
        out.put("mean", found.mean().map(MethodCalls::pair).orElse(null));
        out.put("covariance", found.covariance().map(DiagnosisCalls::rows).orElse(null));
        out.put(
                "meanCovariance",
                found.meanCovariance().map(DiagnosisCalls::rows).orElse(null));
        out.put("reason", found.reason().map(Enum::name).orElse(null));
        return out;
    }

    private static Object rows(Covariance c) {
        return List.of(List.of(c.first(), c.mixed()), List.of(c.mixed(), c.second()));
    }

    private static Object strokeLikelihood(JsonNode in) {
        double[] sizes = vector(in.get("sizes"));
        double[] bias = vector(in.get("bias"));
        OwnSizes.Prior prior = prior(in);
        List<StrokeCell> cells = cells(in);
        return Map.of(
                "logLikelihoods",
                OwnSizes.logLikelihoods(cells, sizes, bias, shape(in)).stream()
                        .map(DiagnosisCalls::list)
                        .toList(),
                "logPosterior",
                OwnSizes.logPosterior(cells, prior, sizes, bias, shape(in)));
    }

    private static Object ownErrors(JsonNode in) {
        OwnSizes own = OwnSizes.of(cells(in), prior(in));
        Map<String, Object> out = new HashMap<>();
        out.put("attempts", own.attempts());
        out.put("heavyProbability", own.heavyProbability());
        out.put("sizes", list(own.sizes()));
        out.put("sdLog", list(own.sdLog()));
        out.put("lower", list(own.lower()));
        out.put("upper", list(own.upper()));
        out.put("bias", list(own.bias()));
        out.put("biasSd", list(own.biasSd()));
        List<Boolean> told = new ArrayList<>();
        for (boolean one : own.told()) {
            told.add(one);
        }
        out.put("told", told);
        return out;
    }

    private static Object adviceEvidence(JsonNode in) {
        AdviceEvidence found = AdviceEvidence.of(cell(in), vector(in.get("sizes")), shape(in));
        Map<String, Object> out = new HashMap<>();
        out.put("ordinary", found.last().map(AdviceEvidence.OfLast::ordinary).orElse(null));
        out.put("causes", found.last().map(AdviceEvidence.OfLast::causes).orElse(null));
        out.put(
                "single",
                found.last()
                        .flatMap(AdviceEvidence.OfLast::single)
                        .map(DiagnosisCalls::name)
                        .orElse(null));
        List<Object> looks = new ArrayList<>();
        for (AdviceEvidence.Look look : found.looks()) {
            Map<String, Object> one = new HashMap<>();
            one.put("shots", look.shots());
            one.put("evidence", look.evidence());
            one.put("share", look.share());
            one.put("named", look.named().map(DiagnosisCalls::name).orElse(null));
            looks.add(one);
        }
        out.put("looks", looks);
        out.put("reason", found.reason().map(Enum::name).orElse(null));
        return out;
    }

    private static String name(AdviceEvidence.Strayed strayed) {
        return strayed.name().toLowerCase(Locale.ROOT);
    }

    private static double end(JsonNode node, double open) {
        return node == null || node.isNull() ? open : node.asDouble();
    }

    private static double[] vector(JsonNode node) {
        double[] values = new double[node.size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = node.get(i).asDouble();
        }
        return values;
    }

    private static double[][] matrix(JsonNode node) {
        double[][] rows = new double[node.size()][];
        for (int i = 0; i < rows.length; i++) {
            rows[i] = vector(node.get(i));
        }
        return rows;
    }

    private static List<Double> list(double[] values) {
        List<Double> list = new ArrayList<>();
        for (double value : values) {
            list.add(value);
        }
        return list;
    }
}
