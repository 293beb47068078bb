package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockFilterChain;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class FullDiskTest {
    @ParameterizedTest
    @CsvSource({
        "true, PUT, /api/v1/sessions/a/attempts/b, 507",
        "true, POST, /api/v1/students, 507",
        "true, DELETE, /api/v1/folders/a, 507",
        "true, GET, /api/v1/today, 200",
        "true, POST, /api/v1/sign-out, 200",
        "true, GET, /assets/a.js, 200",
        "false, PUT, /api/v1/sessions/a/attempts/b, 200"
    })
    void nothingNewIsTakenAndAllElseGoesOn(boolean full, String method, String path, int status) throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        new FullDiskFilter(() -> full)
                .doFilter(new MockHttpServletRequest(method, path), response, new MockFilterChain());
        assertThat(response.getStatus()).isEqualTo(status);
        if (status == 507) {
            JsonNode said = new ObjectMapper().readTree(response.getContentAsString());
            assertThat(said.get("code").asText()).isEqualTo("DISK_FULL");
            assertThat(said.get("detail").asText()).contains("stays on your device");
        }
    }
}
