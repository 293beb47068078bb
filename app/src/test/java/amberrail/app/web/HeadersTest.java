package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import amberrail.app.testing.AppTest;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;

class HeadersTest extends AppTest {
    @Test
    void scriptsComeFromHereOnlyAndNothingUnsafeIsAllowedForThem() throws Exception {
        String policy = answer("/api/v1/club").getHeader("Content-Security-Policy");
        assertThat(policy).contains("script-src 'self';").contains("frame-ancestors 'none'");
        assertThat(policy.replaceAll("style-src[^;]*;", "")).doesNotContain("unsafe");
    }

    @Test
    void answersOfTheApiAreNotStored() throws Exception {
        assertThat(answer("/api/v1/club").getHeader("Cache-Control")).contains("no-store");
        assertThat(answer("/api/v1/club").getHeader("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(answer("/api/v1/club").getHeader("X-Frame-Options")).isEqualTo("DENY");
    }

    private MockHttpServletResponse answer(String path) throws Exception {
        return mvc.perform(get(path)).andReturn().getResponse();
    }
}
