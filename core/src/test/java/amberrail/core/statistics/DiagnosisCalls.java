package amberrail.core.statistics;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The methods of section 6: why a shot landed where it did, and a student's own error sizes. */
final class DiagnosisCalls {
    static final Map<String, MethodCalls.Call> CALLS = Map.of(
            "mapCause", DiagnosisCalls::mapCause,
            "errorSds", DiagnosisCalls::errorSds,
            "aimFromPots", DiagnosisCalls::aimFromPots);

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

    private static Object errorSds(JsonNode in) {
        List<ErrorSds.Landing> landings = new ArrayList<>();
        for (JsonNode one : in.get("attempts")) {
            landings.add(new ErrorSds.Landing(
                    matrix(one.get("jacobian")),
                    one.at("/error/0").asDouble(),
                    one.at("/error/1").asDouble()));
        }
        ErrorSds sds = ErrorSds.of(
                landings,
                matrix(in.get("noise")),
                vector(in.get("priorSd")),
                in.get("priorWeight").asDouble());
        Map<String, Object> out = new HashMap<>();
        out.put("sd", list(sds.sd()));
        out.put("lower", sds.intervals().stream().map(Interval::lower).toList());
        out.put("upper", sds.intervals().stream().map(Interval::upper).toList());
        out.put("resolution", list(sds.resolution()));
        out.put("reason", sds.reason().map(Enum::name).orElse(null));
        return out;
    }

    private static Object aimFromPots(JsonNode in) {
        AimFromPots aim = AimFromPots.of(
                in.get("thick").asInt(),
                in.get("made").asInt(),
                in.get("thin").asInt(),
                in.get("toleranceThick").asDouble(),
                in.get("toleranceThin").asDouble());
        Map<String, Object> out = new HashMap<>();
        out.put("sd", aim.sd().orElse(null));
        out.put("bias", aim.bias().orElse(null));
        out.put("reason", aim.reason().map(Enum::name).orElse(null));
        return out;
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
