package amberrail.app.drills;

import amberrail.core.drill.AdvancingRule;
import amberrail.core.drill.Demand;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Position;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.InputStream;

/** The drill file format: core's records by their own names, each choice marked by its {@code kind}. */
final class DrillJson {
    private static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .addMixIn(Position.class, PositionKinds.class)
            .addMixIn(Demand.class, DemandKinds.class)
            .addMixIn(AdvancingRule.class, RuleKinds.class)
            .build();

    private DrillJson() {}

    static Drill read(InputStream in) throws IOException {
        return MAPPER.readValue(in, Drill.class);
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Position.AtSights.class, name = "sights"),
        @JsonSubTypes.Type(value = Position.OnSpot.class, name = "spot"),
        @JsonSubTypes.Type(value = Position.OffCushion.class, name = "off-cushion"),
        @JsonSubTypes.Type(value = Position.TouchingBall.class, name = "touching-ball"),
        @JsonSubTypes.Type(value = Position.ForPot.class, name = "for-pot")
    })
    private interface PositionKinds {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Demand.PotBall.class, name = "pot-ball"),
        @JsonSubTypes.Type(value = Demand.LandInCircle.class, name = "land-in-circle")
    })
    private interface DemandKinds {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = AdvancingRule.InARow.class, name = "in-a-row"),
        @JsonSubTypes.Type(value = AdvancingRule.OfABlock.class, name = "of-a-block")
    })
    private interface RuleKinds {}
}
