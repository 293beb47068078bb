package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import amberrail.app.people.SignedIn;
import amberrail.app.testing.AppTest;
import amberrail.app.testing.Club;
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

    /** Programs go by the code, people by the sentence. */
    @Test
    void whatSpringItselfRefusesHasACodeAndASentence() throws Exception {
        SignedIn coach = club.newCoach();
        read(coach, "/api/v1/no-such-thing")
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.code").value("NOT_FOUND"));
        delete(coach, "/api/v1/today")
                .andExpect(status().isMethodNotAllowed())
                .andExpect(jsonPath("$.code").value("METHOD_NOT_ALLOWED"));
        mvc.perform(MockMvcRequestBuilders.post("/api/v1/students")
                        .with(Club.as(coach))
                        .with(csrf())
                        .contentType("text/plain")
                        .content("Nela"))
                .andExpect(status().isUnsupportedMediaType())
                .andExpect(jsonPath("$.code").value("UNSUPPORTED_MEDIA_TYPE"));
        read(coach, "/api/v1/students/{id}/selection", club.newStudentOf(coach).accountId())
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("drillId"))
                .andExpect(jsonPath("$.detail").value("Drill id: is missing."));
        read(coach, "/api/v1/students/{id}/progress", "not-a-uuid")
                .andExpect(status().isBadRequest())
                .andExpect(jsonPath("$.field").value("id"))
                .andExpect(jsonPath("$.detail").value("Id: is not written as it must be."));
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
