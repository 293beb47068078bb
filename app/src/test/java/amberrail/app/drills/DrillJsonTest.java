package amberrail.app.drills;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberrail.core.drill.AdvancingRule;
import amberrail.core.drill.Drill;
import amberrail.core.drill.Position;
import com.fasterxml.jackson.databind.JsonMappingException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DrillJsonTest {
    private static final String GOOD = """
            {"id":"test","version":1,"title":"T","primarySkill":"stun","purpose":"p","watch":"w","missReads":"m",
             "minutes":5,"tables":["pool-9ft"],"zonesInSights":false,"sideAllowed":false,
             "tags":{"family":"stop","solo":true,"coached":false},"stations":[{"name":"one","rule":{"kind":"of-a-block","successes":7,
             "outOf":10,"capTries":20},"shots":[{"balls":[
               {"label":"cue","role":"cue","position":{"kind":"off-cushion","cushion":"W","ballWidths":0,"sightsAlong":2}},
               {"label":"1","role":"object","position":{"kind":"spot","spot":"foot","dxMillimetres":0,"dyMillimetres":5}}],
             "demands":[],"arrival":"aim"}]}]}
            """;

    @Test
    void everyKindOfThingIsReadByItsName() throws IOException {
        Drill drill = read(GOOD);
        assertThat(drill.station(0).rule()).isEqualTo(new AdvancingRule.OfABlock(7, 10, 20));
        assertThat(drill.station(0).shots().get(0).balls().get(1).position())
                .isEqualTo(new Position.OnSpot("foot", 0, 5));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "of-a-block | of-a-wish | of-a-wish",
                "\"successes\":7 | \"successes\":11 | successes",
                "\"ballWidths\":0 | \"ballWidths\":-1 | ballWidths",
                "\"role\":\"object\" | \"role\":\"cue\" | exactly one",
                "\"label\":\"1\" | \"label\":\"cue\" | one ball only",
                "\"minutes\":5 | \"minutes\":5,\"colour\":\"red\" | colour",
                "\"version\":1, | '' | version"
            })
    void whatIsWrongIsNamed(String from, String to, String named) {
        String bad = GOOD.replace(from.strip(), to.strip().equals("''") ? "" : to.strip());
        assertThat(bad).isNotEqualTo(GOOD);
        assertThatThrownBy(() -> read(bad))
                .isInstanceOf(JsonMappingException.class)
                .hasMessageContaining(named.strip());
    }

    private static Drill read(String json) throws IOException {
        return DrillJson.read(new ByteArrayInputStream(json.getBytes(StandardCharsets.UTF_8)));
    }
}
