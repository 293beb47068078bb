package amberrail.app.drills;

import amberrail.core.drill.AdvancingRule;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Position;
import amberrail.core.drill.ZonePlan;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.io.InputStream;

/** The drill file format: core's records by their own names, each choice marked by its {@code kind}. */
final class DrillJson {
    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .addModule(new Jdk8Module())
            .defaultPropertyInclusion(
                    JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.NON_EMPTY))
            // What a record works out of itself is no part of the file.
            .disable(MapperFeature.AUTO_DETECT_IS_GETTERS)
            .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
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

    static String write(Drill drill) {
        try {
            return MAPPER.writeValueAsString(drill);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a drill is plain values: " + drill.id(), e);
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
