package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.springframework.security.test.context.support.WithMockUser;

/** The committed description, from which the front end's types are made, is the one that the server gives. */
class ApiDescriptionTest extends AppTest {
    private static final Path COMMITTED = Path.of("../docs/api/openapi.json");
    private static final ObjectMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    @WithMockUser
    void theCommittedDescriptionIsTheLiveOne() throws Exception {
        String live = mvc.perform(get("/v3/api-docs")).andReturn().getResponse().getContentAsString();
        String pretty = JSON.writeValueAsString(sorted(JSON.readTree(live))) + "\n";
        if (Boolean.getBoolean("amber.writeApi")) {
            Files.createDirectories(COMMITTED.getParent());
            Files.writeString(COMMITTED, pretty);
        }
        assertThat(Files.exists(COMMITTED) ? Files.readString(COMMITTED) : "")
                .as("run ./amber api and commit docs/api/openapi.json")
                .isEqualTo(pretty);
    }

    private static Object sorted(JsonNode node) throws IOException {
        return JSON.treeToValue(node, Object.class);
    }
}
