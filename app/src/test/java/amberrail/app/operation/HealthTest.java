package amberrail.app.operation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** What machines ask: whether the server works, how it does, and what it is made of. */
class HealthTest extends AppTest {
    private static final String METRICS = "/actuator/prometheus";

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping endpoints;

    @Value("${management.metrics.web.server.max-uri-tags}")
    int mostAddresses;

    @Test
    void anybodyIsToldWhetherItWorksAndNothingOfHow() throws Exception {
        for (String probe : new String[] {"", "/liveness", "/readiness"}) {
            mvc.perform(get("/actuator/health" + probe))
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.status").value("UP"))
                    .andExpect(jsonPath("$.components").doesNotExist());
        }
    }

    @Test
    void figuresAreTheHeadCoachsAndNobodyElsesAndTheRestIsNotThere() throws Exception {
        mvc.perform(get(METRICS)).andExpect(status().isUnauthorized());
        read(club.newCoach(), METRICS).andExpect(status().isForbidden());
        for (String other : new String[] {"/actuator", "/actuator/env", "/actuator/heapdump"}) {
            mvc.perform(get(other)).andExpect(status().isUnauthorized());
            assertThat(read(club.head(), other).andReturn().getResponse().getStatus())
                    .isIn(200, 404);
        }
        read(club.head(), "/actuator/env").andExpect(status().isNotFound());
    }

    @Test
    void aTokenForThemReadsThemAndNothingElse() throws Exception {
        Map<String, Object> body = Map.of("name", "Figures", "scope", "METRICS", "days", 30);
        post(club.newCoach(), body, "/api/v1/me/tokens").andExpect(status().isForbidden());
        String secret = tree(post(club.head(), body, "/api/v1/me/tokens").andExpect(status().isOk()))
                .get("secret")
                .asText();
        mvc.perform(get("/api/v1/students").header("Authorization", "Bearer " + secret))
                .andExpect(status().isForbidden());
        String told = mvc.perform(get(METRICS).header("Authorization", "Bearer " + secret))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(told)
                .contains(
                        "jvm_memory_used_bytes",
                        "hikaricp_connections",
                        "amber_backup_age_seconds",
                        "amber_disk_free_bytes")
                .as("a request is measured whole, not each filter")
                .contains("http_server_requests")
                .doesNotContain("spring_security");
    }

    @Test
    void figuresNameNobody() throws Exception {
        SignedIn coach = club.newCoach();
        SignedIn student = club.newStudentOf(coach);
        read(coach, "/api/v1/students/{id}/progress", student.accountId()).andExpect(status().isOk());
        String told = read(club.head(), METRICS).andReturn().getResponse().getContentAsString();
        assertThat(told)
                .contains("uri=\"/api/v1/students/{id}/progress\"")
                .doesNotContain(
                        student.accountId().toString(), coach.accountId().toString());
    }

    /** What is asked after the last address that is counted would be in no figure at all. */
    @Test
    void thereIsRoomForTheFiguresOfEveryEndpoint() {
        long addresses = endpoints.getHandlerMethods().keySet().stream()
                .flatMap(one -> one.getPatternValues().stream())
                .distinct()
                .count();
        assertThat(addresses).isBetween(150L, mostAddresses - 50L);
    }

    /** Made by the build beside the classes; the front end's comes from npm ({@code ./amber sbom}). */
    @Test
    void whatItIsMadeOfIsListedWithLicences() throws Exception {
        JsonNode bom;
        try (var in = new ClassPathResource("META-INF/sbom/application.cdx.json").getInputStream()) {
            bom = new ObjectMapper().readTree(in);
        }
        assertThat(bom.get("bomFormat").asText()).isEqualTo("CycloneDX");
        List<String> without = new ArrayList<>();
        bom.get("components").forEach(one -> {
            if (!one.has("licenses") && !one.path("group").asText().startsWith("amberrail")) {
                without.add(one.get("name").asText());
            }
        });
        assertThat(bom.get("components").size()).isGreaterThan(50);
        assertThat(without).isEmpty();
    }
}
