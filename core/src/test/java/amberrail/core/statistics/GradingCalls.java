package amberrail.core.statistics;

import static amberrail.core.statistics.ProgressCalls.reasoned;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** The methods of grading and planning (sections 4 and 5 of methods.md). */
final class GradingCalls {
    static final Map<String, MethodCalls.Call> CALLS = Map.of(
            "raschFit", GradingCalls::raschFit,
            "itemSlope", GradingCalls::itemSlope,
            "formRho", GradingCalls::formRho,
            "nextStation", GradingCalls::nextStation,
            "nextInterval", GradingCalls::nextInterval,
            "planSession", GradingCalls::planSession,
            "blockPlan", GradingCalls::blockPlan);

    private GradingCalls() {}

    private static Object raschFit(JsonNode in) {
        List<String> students = new ArrayList<>();
        in.get("students").forEach(one -> students.add(one.asText()));
        List<RaschFit.Station> stations = new ArrayList<>();
        in.get("stations")
                .forEach(one -> stations.add(new RaschFit.Station(
                        one.get("id").asText(),
                        one.get("drill").asText(),
                        MethodCalls.number(one, "predicted"),
                        one.path("slope").asDouble(1))));
        List<RaschFit.Row> rows = new ArrayList<>();
        in.get("rows")
                .forEach(one -> rows.add(new RaschFit.Row(
                        one.get("student").asText(),
                        one.get("station").asText(),
                        one.get("session").asText(),
                        MethodCalls.count(one, "made"),
                        MethodCalls.count(one, "attempts"),
                        MethodCalls.number(one, "ageDays"))));
        JsonNode p = in.get("prior");
        RaschFit fit = RaschFit.of(
                students,
                stations,
                rows,
                new RaschFit.Prior(
                        MethodCalls.number(p, "sdAbility"),
                        MethodCalls.number(p, "sdDrift"),
                        MethodCalls.number(p, "driftWeeks"),
                        MethodCalls.number(p, "sdDrill"),
                        MethodCalls.number(p, "sdStation"),
                        MethodCalls.number(p, "rho")));
        List<Object> expected = new ArrayList<>();
        for (RaschFit.Expected one : fit.expected()) {
            expected.add(Map.of(
                    "student", one.student(),
                    "station", one.station(),
                    "p", one.p(),
                    "lower", one.lower(),
                    "upper", one.upper()));
        }
        return Map.of(
                "students",
                fit.abilities().stream()
                        .map(one -> withChange(placed(one, "ability", false), fit.change(one.id())))
                        .toList(),
                "stations",
                stations.stream()
                        .map(station -> {
                            Map<String, Object> out =
                                    placed(fit.difficulties().get(stations.indexOf(station)), "difficulty", true);
                            out.put("slope", station.slope());
                            return out;
                        })
                        .toList(),
                "expected",
                expected);
    }

    private static Map<String, Object> withChange(Map<String, Object> out, Optional<RaschFit.Change> change) {
        out.put("change", change.map(RaschFit.Change::logits).orElse(null));
        out.put("changeSe", change.map(RaschFit.Change::se).orElse(null));
        out.put("changeReason", change.isPresent() ? null : Reason.TOO_FEW.name());
        return out;
    }

    private static Map<String, Object> placed(RaschFit.Placed one, String what, boolean withPrior) {
        Map<String, Object> out = new HashMap<>();
        out.put("id", one.id());
        out.put(what, one.logits());
        out.put("se", one.se());
        out.put("grade", one.grade());
        if (withPrior) {
            out.put("prior", one.prior());
        } else {
            out.put("gradeSe", one.gradeSe());
        }
        out.put("note", one.note().map(Enum::name).orElse(null));
        return out;
    }

    private static Object itemSlope(JsonNode in) {
        ItemSlope found = ItemSlope.of(
                MethodCalls.number(in, "difficulty"), numbers(in.get("abilities")), numbers(in.get("rates")));
        Map<String, Object> out = new HashMap<>();
        out.put("slope", found.slope());
        out.put("largestGap", found.largestGap().orElse(null));
        return reasoned(out, found.reason());
    }

    private static double[] numbers(JsonNode list) {
        double[] values = new double[list.size()];
        for (int i = 0; i < values.length; i++) {
            values[i] = list.get(i).asDouble();
        }
        return values;
    }

    private static Object formRho(JsonNode in) {
        List<FormRho.Row> rows = new ArrayList<>();
        in.get("rows")
                .forEach(one -> rows.add(new FormRho.Row(
                        one.get("student").asText(),
                        one.get("session").asText(),
                        MethodCalls.count(one, "made"),
                        MethodCalls.count(one, "attempts"),
                        MethodCalls.number(one, "p"))));
        FormRho found = FormRho.of(rows);
        Map<String, Object> out = new HashMap<>();
        out.put("estimate", found.estimate().orElse(null));
        out.put("rho", found.rho());
        out.put("sessions", found.sessions());
        return reasoned(out, found.reason());
    }

    private static Object nextStation(JsonNode in) {
        List<NextStation.Candidate> candidates = new ArrayList<>();
        in.get("candidates")
                .forEach(one -> candidates.add(
                        new NextStation.Candidate(one.get("id").asText(), MethodCalls.number(one, "p"))));
        Optional<NextStation> next = NextStation.of(
                candidates, in.at("/band/0").asDouble(), in.at("/band/1").asDouble());
        Map<String, Object> out = new HashMap<>();
        out.put("id", next.map(NextStation::id).orElse(null));
        out.put("p", next.map(NextStation::p).orElse(null));
        out.put("inBand", next.map(NextStation::inBand).orElse(false));
        return reasoned(out, next.isPresent() ? Optional.empty() : Optional.of(Reason.NO_DATA));
    }

    private static Object nextInterval(JsonNode in) {
        return Map.of(
                "intervalDays",
                NextStation.intervalDays(
                        in.get("intervalDays").asInt(),
                        MethodCalls.count(in, "made"),
                        MethodCalls.count(in, "attempts")));
    }

    private static Object planSession(JsonNode in) {
        List<SessionPlan.Drill> drills = new ArrayList<>();
        for (JsonNode one : in.get("drills")) {
            drills.add(new SessionPlan.Drill(
                    one.get("id").asText(),
                    one.get("skill").asText(),
                    MethodCalls.number(one, "minutes"),
                    MethodCalls.number(one, "p"),
                    one.path("daysSince").isNumber()
                            ? OptionalDouble.of(one.get("daysSince").asDouble())
                            : OptionalDouble.empty(),
                    one.get("intervalDays").asInt()));
        }
        SessionPlan plan = SessionPlan.of(
                MethodCalls.number(in, "minutes"),
                in.at("/band/0").asDouble(),
                in.at("/band/1").asDouble(),
                drills,
                weights(in.get("weights")),
                weights(in.path("need")));
        Map<String, Object> out = new HashMap<>();
        out.put(
                "warmUp",
                plan.warmUp()
                        .map(one -> Map.<String, Object>of("id", one.id(), "minutes", one.minutes()))
                        .orElse(null));
        out.put(
                "items",
                plan.items().stream()
                        .map(one -> Map.of("id", one.id(), "minutes", one.minutes(), "score", one.score()))
                        .toList());
        out.put("unusedMinutes", plan.unusedMinutes());
        out.put(
                "scores",
                plan.scores().stream()
                        .map(one -> Map.of("id", one.id(), "fit", one.fit(), "due", one.due(), "score", one.score()))
                        .toList());
        return out;
    }

    private static Object blockPlan(JsonNode in) {
        BlockPlan plan = BlockPlan.of(
                in.get("weeks").asInt(),
                in.get("sessionsPerWeek").asInt(),
                in.get("minutes").asInt(),
                weights(in.get("weights")));
        return Map.of(
                "weeks",
                plan.weeks().stream()
                        .map(week -> Map.of(
                                "week", week.week(),
                                "phase", week.phase().name().toLowerCase(),
                                "band", List.of(week.low(), week.high()),
                                "minutesPerSession", week.minutesPerSession(),
                                "skillMinutes", week.skillMinutes()))
                        .toList());
    }

    private static Map<String, Double> weights(JsonNode node) {
        Map<String, Double> weights = new LinkedHashMap<>();
        node.properties()
                .forEach(one -> weights.put(one.getKey(), one.getValue().asDouble()));
        return weights;
    }
}
