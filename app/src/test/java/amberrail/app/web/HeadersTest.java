package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import amberrail.app.testing.AppTest;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

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

    /** A cookie on a file that is kept for a year would be kept with it. */
    @Test
    void staticAnswersSetNoCookie() throws Exception {
        for (String path : new String[] {"/", "/index.html", "/sign-in", "/sw.js"}) {
            assertThat(answer(path).getCookies()).as(path).isEmpty();
        }
    }

    @Test
    void whatDoesNotExistIsAProblemAndNoPageOfTheServer() throws Exception {
        for (String path : new String[] {"/error", "/no/such/page", "/api/v1/no-such-thing"}) {
            MockHttpServletResponse response = answer(path);
            assertThat(response.getStatus()).as(path).isIn(401, 404);
            assertThat(response.getContentType()).as(path).startsWith("application/problem+json");
        }
    }

    @Test
    void aFormWithoutItsBoundaryIsNoFaultOfTheServers() throws Exception {
        int status = mvc.perform(MockMvcRequestBuilders.post("/api/v1/sign-in")
                        .with(csrf())
                        .contentType("multipart/form-data")
                        .content("x"))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(status).isBetween(400, 499);
    }

    private MockHttpServletResponse answer(String path) throws Exception {
        return mvc.perform(get(path)).andReturn().getResponse();
    }
}
