package amberrail.app.drills;

import amberrail.core.drill.AdvancingRule;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Position;
import amberrail.core.drill.Shot;
import amberrail.core.drill.ZonePlan;
import amberrail.core.problem.InvalidInputException;
import amberrail.core.problem.ProblemCode;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Locale;

/**
 * A drill as JSON: core's records by their own names, each choice marked by its {@code kind}. The published form is {@code
 * docs/formats/drill.schema.json}; what is written keeps to it.
 */
final class DrillJson {
    /** A drill nests about a dozen deep; what nests deeper was made to hurt. */
    private static final int DEEPEST = 40;

    private static final int LONGEST_TEXT = 2_000;

    private static final ObjectMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxStringLength(LONGEST_TEXT)
                            .build())
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .addModule(new Jdk8Module())
            .addModule(new SimpleModule().addSerializer(new WordSerializer()))
            .defaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.NON_EMPTY))
            // What a record works out of itself is no part of the file.
            .disable(MapperFeature.AUTO_DETECT_IS_GETTERS)
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .addMixIn(Shot.class, ShotForm.class)
            .addMixIn(Position.class, PositionKinds.class)
            .addMixIn(ZonePlan.class, ZoneKinds.class)
            .addMixIn(Demand.class, DemandKinds.class)
            .addMixIn(AdvancingRule.class, RuleKinds.class)
            .build();

    private DrillJson() {}

    static Drill read(InputStream in) throws IOException {
        return MAPPER.readValue(in, Drill.class);
    }

    static Drill read(String text) throws JsonProcessingException {
        return MAPPER.readValue(text, Drill.class);
    }

    /** What this program stored itself. */
    static Drill stored(String text) {
        try {
            return read(text);
        } catch (JsonProcessingException e) {
            throw new UnreadableDrill(e);
        }
    }

    /**
     * A drill that somebody sent.
     *
     * @throws InvalidInputException with the place in it, such as {@code drill.stations[1].rule}
     */
    static Drill sent(JsonNode tree, String field) {
        try {
            return MAPPER.treeToValue(tree, Drill.class);
        } catch (JsonProcessingException e) {
            throw problem(e, field);
        }
    }

    /** The tree of a text, for a look at it before it is believed; refuses deep nesting, long texts and names given twice. */
    static JsonNode tree(String text) throws JsonProcessingException {
        return MAPPER.readTree(text);
    }

    static String write(Drill drill) {
        return write((Object) drill);
    }

    static JsonNode toTree(Drill drill) {
        return MAPPER.valueToTree(drill);
    }

    static String write(Object value) {
        try {
            return MAPPER.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a drill is plain values", e);
        }
    }

    private static InvalidInputException problem(JsonProcessingException e, String field) {
        String path = field;
        if (e instanceof JsonMappingException mapping) {
            for (JsonMappingException.Reference step : mapping.getPath()) {
                path += step.getFieldName() == null ? "[" + step.getIndex() + "]" : "." + step.getFieldName();
            }
        }
        if (e.getCause() instanceof InvalidInputException invalid) {
            return invalid.under(path);
        }
        return new InvalidInputException(
                ProblemCode.INVALID_PARAMETER, path, null, "is missing, unknown or not of the right kind");
    }

    /** A shot that asks nothing yet says so: left out, its file would not keep to the schema. */
    private interface ShotForm {
        @JsonInclude(JsonInclude.Include.ALWAYS)
        List<Demand> demands();
    }

    /** Names of choices are lower-case words; compass names of cushions and pockets stay as they are. */
    private static final class WordSerializer extends StdSerializer<Enum<?>> {
        WordSerializer() {
            super(Enum.class, false);
        }

        @Override
        public void serialize(Enum<?> value, JsonGenerator json, SerializerProvider provider) throws IOException {
            boolean compass = value instanceof Cushion || value instanceof PocketName;
            json.writeString(compass ? value.name() : value.name().toLowerCase(Locale.ROOT));
        }
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Position.AtSights.class, name = "sights"),
        @JsonSubTypes.Type(value = Position.OnSpot.class, name = "spot"),
        @JsonSubTypes.Type(value = Position.OffCushion.class, name = "off-cushion"),
        @JsonSubTypes.Type(value = Position.OffPocket.class, name = "off-pocket"),
        @JsonSubTypes.Type(value = Position.TouchingBall.class, name = "touching-ball"),
        @JsonSubTypes.Type(value = Position.ForPot.class, name = "for-pot")
    })
    private interface PositionKinds {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = ZonePlan.CircleZone.class, name = "circle"),
        @JsonSubTypes.Type(value = ZonePlan.EllipseZone.class, name = "ellipse"),
        @JsonSubTypes.Type(value = ZonePlan.RectangleZone.class, name = "rectangle"),
        @JsonSubTypes.Type(value = ZonePlan.PolygonZone.class, name = "polygon"),
        @JsonSubTypes.Type(value = ZonePlan.BandZone.class, name = "band"),
        @JsonSubTypes.Type(value = ZonePlan.CorridorZone.class, name = "corridor"),
        @JsonSubTypes.Type(value = ZonePlan.NearCushionZone.class, name = "near-cushion")
    })
    private interface ZoneKinds {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Demand.PotBall.class, name = "pot-ball"),
        @JsonSubTypes.Type(value = Demand.Land.class, name = "land"),
        @JsonSubTypes.Type(value = Demand.TouchBalls.class, name = "touch-balls"),
        @JsonSubTypes.Type(value = Demand.ReachCushionPoint.class, name = "cushion-point"),
        @JsonSubTypes.Type(value = Demand.CueBallInto.class, name = "cue-ball-into"),
        @JsonSubTypes.Type(value = Demand.LeaveAlone.class, name = "leave-alone"),
        @JsonSubTypes.Type(value = Demand.NotCross.class, name = "not-cross"),
        @JsonSubTypes.Type(value = Demand.StayIn.class, name = "stay-in"),
        @JsonSubTypes.Type(value = Demand.UseCushions.class, name = "use-cushions"),
        @JsonSubTypes.Type(value = Demand.CushionsFirst.class, name = "cushions-first"),
        @JsonSubTypes.Type(value = Demand.HideFrom.class, name = "hide-from")
    })
    private interface DemandKinds {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = AdvancingRule.InARow.class, name = "in-a-row"),
        @JsonSubTypes.Type(value = AdvancingRule.OfABlock.class, name = "of-a-block"),
        @JsonSubTypes.Type(value = AdvancingRule.OfTheLast.class, name = "of-the-last"),
        @JsonSubTypes.Type(value = AdvancingRule.WholeRun.class, name = "whole-run"),
        @JsonSubTypes.Type(value = AdvancingRule.PointsTotal.class, name = "points-total")
    })
    private interface RuleKinds {}
}
