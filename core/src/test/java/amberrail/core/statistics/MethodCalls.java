package amberrail.core.statistics;

import amberrail.core.geometry.Circle;
import amberrail.core.geometry.Direction;
import amberrail.core.geometry.Ellipse;
import amberrail.core.geometry.Point;
import amberrail.core.geometry.Polygon;
import amberrail.core.geometry.Rectangle;
import amberrail.core.geometry.Zone;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** The case file's short names on one side, core's on the other. */
final class MethodCalls {
    interface Call {
        Object answer(JsonNode input);
    }

    private static final Map<String, Call> CALLS = Map.of(
            "wilson", MethodCalls::wilson,
            "decompose", MethodCalls::decompose,
            "dispersion", MethodCalls::dispersion,
            "zoneShare", MethodCalls::zoneShare,
            "partition", MethodCalls::partition,
            "masteryRule", MethodCalls::masteryRule,
            "circleModel", MethodCalls::circleModel);

    /** The calls of every section of methods.md. */
    private static final List<Map<String, Call>> ALL =
            List.of(CALLS, ProgressCalls.CALLS, GradingCalls.CALLS, DiagnosisCalls.CALLS);

    private MethodCalls() {}

    static Set<String> names() {
        return ALL.stream().flatMap(calls -> calls.keySet().stream()).collect(Collectors.toSet());
    }

    static Call named(String method) {
        return ALL.stream()
                .filter(calls -> calls.containsKey(method))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("no call for method " + method))
                .get(method);
    }

    private static Object wilson(JsonNode in) {
        Proportion proportion = new Proportion(count(in, "successes"), count(in, "trials"), number(in, "level"));
        Map<String, Object> out = new HashMap<>();
        out.put("rate", orNull(proportion.rate()));
        out.put("lower", proportion.interval().lower());
        out.put("upper", proportion.interval().upper());
        out.put("reason", proportion.rate().reason().map(Enum::name).orElse(null));
        return out;
    }

    private static Object decompose(JsonNode in) {
        ArrivalError error = ArrivalError.of(point(in, "target"), direction(in), point(in, "landing"));
        return Map.of(
                "line", error.lineMillimetres(),
                "speed", error.speedMillimetres(),
                "radial", error.radialMillimetres());
    }

    private static Object dispersion(JsonNode in) {
        Dispersion d = Dispersion.of(point(in, "target"), direction(in), points(in, "points"), number(in, "level"));
        Map<String, Object> out = new HashMap<>();
        out.put("n", d.landings());
        out.put("reason", d.reason().map(Enum::name).orElse(null));
        d.offset().value().ifPresent(o -> {
            out.put("mean", pair(o.mean()));
            out.put("biasLine", o.biasLineMillimetres());
            out.put("biasSpeed", o.biasSpeedMillimetres());
            out.put("radialMean", o.radialMeanMillimetres());
            out.put("radialRms", o.radialRmsMillimetres());
            out.put("radialMedian", o.radialMedianMillimetres());
        });
        d.spread().value().ifPresent(s -> {
            out.put("sdLine", s.sdLineMillimetres());
            out.put("sdSpeed", s.sdSpeedMillimetres());
            out.put("sdLineInterval", s.sdLineInterval().map(MethodCalls::pair).orElse(null));
            out.put(
                    "sdSpeedInterval",
                    s.sdSpeedInterval().map(MethodCalls::pair).orElse(null));
            out.put("biasLineInterval", pair(s.biasLineInterval()));
            out.put("biasSpeedInterval", pair(s.biasSpeedInterval()));
            out.put("correlation", orNull(s.correlation()));
            Covariance c = s.lineSpeed();
            out.put("covariance", List.of(List.of(c.first(), c.mixed()), List.of(c.mixed(), c.second())));
            out.put("majorSd", s.majorSdMillimetres());
            out.put("minorSd", s.minorSdMillimetres());
            out.put("majorAngleDeg", orNull(s.majorAngleDegrees()));
            out.put("cepAboutMean", orNull(s.cepAboutMeanMillimetres()));
        });
        out.put("spread50", orNull(d.spread50().map(MethodCalls::axes)));
        out.put("spread95", orNull(d.spread95().map(MethodCalls::axes)));
        out.put("meanEllipse", orNull(d.meanEllipse().map(MethodCalls::axes)));
        d.biasTest().value().ifPresent(t -> {
            out.put("t2", t.tSquared());
            out.put("f", t.f());
            out.put("df1", t.df1());
            out.put("df2", t.df2());
            out.put("p", t.p());
        });
        return out;
    }

    private static Object zoneShare(JsonNode in) {
        Zone zone = zone(in.get("zone"));
        ZoneShare share = ZoneShare.of(zone, points(in, "points"), count(in, "scratches"), number(in, "level"));
        Map<String, Object> out = new HashMap<>();
        out.put("inside", share.inside());
        out.put("count", share.share().successes());
        out.put("trials", share.share().trials());
        out.put("share", orNull(share.share().rate()));
        out.put("lower", share.share().interval().lower());
        out.put("upper", share.share().interval().upper());
        out.put("reason", share.share().rate().reason().map(Enum::name).orElse(null));
        return out;
    }

    private static Object masteryRule(JsonNode in) {
        JsonNode rule = in.get("rule");
        MasteryRule mastery = switch (rule.get("type").asText()) {
            case "run" -> new MasteryRule.Run(rule.get("k").asInt());
            case "block" ->
                new MasteryRule.Block(rule.get("m").asInt(), rule.get("n").asInt());
            default ->
                new MasteryRule.Sliding(rule.get("m").asInt(), rule.get("n").asInt());
        };
        List<Object> pass = new ArrayList<>();
        List<Object> expected = new ArrayList<>();
        List<Object> median = new ArrayList<>();
        for (JsonNode p : in.get("p")) {
            MasteryRule.Strictness at =
                    mastery.at(p.asDouble(), in.get("attempts").asInt());
            pass.add(at.passProbability());
            expected.add(
                    at.expectedAttempts().isPresent() ? at.expectedAttempts().getAsDouble() : null);
            median.add(at.medianAttempts().isPresent() ? at.medianAttempts().getAsInt() : null);
        }
        return Map.of("passProbability", pass, "expectedAttempts", expected, "medianAttempts", median);
    }

    private static Object circleModel(JsonNode in) {
        JsonNode c = in.get("covariance");
        Covariance covariance = new Covariance(
                c.at("/0/0").asDouble(), c.at("/0/1").asDouble(), c.at("/1/1").asDouble());
        CircleModel model =
                CircleModel.of(in.at("/offset/0").asDouble(), in.at("/offset/1").asDouble(), covariance);
        return Map.of(
                "probability", model.probability(number(in, "radius")),
                "radiusForShare", model.radiusForShare(number(in, "share")));
    }

    private static Object partition(JsonNode in) {
        List<PottingResult> results = new ArrayList<>();
        for (JsonNode one : in.get("attempts")) {
            results.add(under("attempts", () -> pottingResult(one)));
        }
        LandingPartition p = LandingPartition.of(results, zone(in.get("zone")));
        return Map.of(
                "attempts", p.attempts(),
                "made", group(p.made()),
                "missed", group(p.missed()),
                "thick", p.thick(),
                "thin", p.thin(),
                "other", p.other(),
                "fouls", p.fouls(),
                "successes", p.successes(),
                "successTrials", p.successTrials());
    }

    private static PottingResult pottingResult(JsonNode one) {
        Optional<Point> landing =
                one.path("landing").isArray() ? Optional.of(pair(one.get("landing"))) : Optional.empty();
        return new PottingResult(
                PottingResult.Pot.valueOf(one.get("pot").asText().toUpperCase(Locale.ROOT)),
                one.get("scratch").asBoolean(),
                one.get("foul").asBoolean(),
                landing);
    }

    private static Map<String, Integer> group(LandingPartition.Group group) {
        return Map.of(
                "n", group.n(),
                "landed", group.landed(),
                "scratches", group.inOffs(),
                "unrecorded", group.unrecorded());
    }

    private static Zone zone(JsonNode zone) {
        Function<String, Double> size = name -> number(zone, name);
        return under("zone", () -> switch (zone.path("type").asText()) {
            case "circle" -> new Circle(point(zone, "centre"), size.apply("radius"));
            case "ellipse" ->
                new Ellipse(
                        point(zone, "centre"),
                        size.apply("semiMajor"),
                        size.apply("semiMinor"),
                        size.apply("angleDeg"));
            case "rectangle" ->
                new Rectangle(point(zone, "centre"), size.apply("width"), size.apply("height"), size.apply("angleDeg"));
            case "polygon" -> {
                List<Point> vertices = new ArrayList<>();
                zone.path("vertices").forEach(v -> vertices.add(pair(v)));
                yield new Polygon(vertices);
            }
            default ->
                throw new InvalidInputException(
                        ProblemCode.INVALID_ZONE, "type", zone.path("type"), "must be a known zone type");
        });
    }

    private static <T> T under(String parent, Supplier<T> action) {
        try {
            return action.get();
        } catch (InvalidInputException e) {
            throw e.under(parent);
        }
    }

    static List<Point> points(JsonNode in, String field) {
        List<Point> points = new ArrayList<>();
        for (JsonNode one : in.get(field)) {
            points.add(named(field, one));
        }
        return points;
    }

    private static Point point(JsonNode in, String field) {
        return named(field, in.get(field));
    }

    /** The file names the whole point where one of its coordinates is wrong. */
    private static Point named(String field, JsonNode node) {
        try {
            return pair(node);
        } catch (InvalidInputException e) {
            throw new InvalidInputException(e.code(), field, node, e.rule());
        }
    }

    private static Point pair(JsonNode node) {
        return new Point(coordinate(node, 0), coordinate(node, 1));
    }

    private static double coordinate(JsonNode node, int index) {
        return node != null && node.path(index).isNumber() ? node.get(index).asDouble() : Double.NaN;
    }

    static Direction direction(JsonNode in) {
        return Direction.of(point(in, "direction"));
    }

    static double number(JsonNode in, String field) {
        return in.path(field).isNumber() ? in.get(field).asDouble() : Double.NaN;
    }

    static int count(JsonNode in, String field) {
        JsonNode node = in.path(field);
        if (!node.isNumber() || node.asDouble() != Math.rint(node.asDouble())) {
            throw new InvalidInputException(ProblemCode.INVALID_COUNT, field, node, "must be a whole number");
        }
        return node.asInt();
    }

    private static Object orNull(Estimate<?> estimate) {
        return estimate.value().orElse(null);
    }

    private static Map<String, Double> axes(SpreadEllipse ellipse) {
        return Map.of("semiMajor", ellipse.semiMajorMillimetres(), "semiMinor", ellipse.semiMinorMillimetres());
    }

    static List<Double> pair(Interval interval) {
        return List.of(interval.lower(), interval.upper());
    }

    static List<Double> pair(Point point) {
        return List.of(point.xMillimetres(), point.yMillimetres());
    }
}
