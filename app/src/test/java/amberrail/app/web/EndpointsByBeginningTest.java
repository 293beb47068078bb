package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.app.testing.AppTest;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExecutionChain;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ServletRequestPathUtils;

/** That most endpoints are passed over at a glance changes nothing about which one answers. */
class EndpointsByBeginningTest extends AppTest {
    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping mappings;

    @Test
    void everyEndpointIsFoundHoweverItsAddressIsWritten() throws Exception {
        List<String> wrong = new ArrayList<>();
        int asked = 0;
        for (Map.Entry<RequestMappingInfo, HandlerMethod> endpoint :
                mappings.getHandlerMethods().entrySet()) {
            for (String pattern : endpoint.getKey().getPatternValues()) {
                String path = pattern.replaceAll("\\{[^}]*}", UUID.randomUUID().toString());
                // A letter of its beginning as a number; and something for nobody after its last part.
                for (String written :
                        List.of(path, path.replaceFirst("[a-z]", "%" + firstLetter(path)), path + ";v=1")) {
                    asked++;
                    if (!endpoint.getValue().getMethod().equals(found(endpoint.getKey(), written))) {
                        wrong.add(written);
                    }
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(asked).isGreaterThan(600);
    }

    @Test
    void anAddressThatNobodyAnswersIsFoundNowhere() throws Exception {
        for (String path : List.of("/api/v1/session", "/api/v2/club", "/api/v1/club/x/y/z", "/api/v1/%63lubs")) {
            assertThat(handler(request("GET", path))).as(path).isNull();
        }
    }

    private static String firstLetter(String path) {
        char first = path.replaceFirst("^[^a-z]*", "").charAt(0);
        return Integer.toHexString(first);
    }

    private Method found(RequestMappingInfo endpoint, String path) throws Exception {
        String method = endpoint.getMethodsCondition().getMethods().stream()
                .map(RequestMethod::name)
                .findFirst()
                .orElse("GET");
        MockHttpServletRequest request = request(method, path);
        endpoint.getConsumesCondition().getConsumableMediaTypes().stream()
                .map(MediaType::toString)
                .findFirst()
                .ifPresent(type -> {
                    request.setContentType(type);
                    request.setContent(new byte[] {1});
                });
        endpoint.getProducesCondition().getProducibleMediaTypes().stream()
                .map(MediaType::toString)
                .findFirst()
                .ifPresent(type -> request.addHeader(HttpHeaders.ACCEPT, type));
        return handler(request);
    }

    private Method handler(MockHttpServletRequest request) throws Exception {
        HandlerExecutionChain chain = mappings.getHandler(request);
        return chain == null ? null : ((HandlerMethod) chain.getHandler()).getMethod();
    }

    private static MockHttpServletRequest request(String method, String path) {
        MockHttpServletRequest request = new MockHttpServletRequest(method, path);
        ServletRequestPathUtils.parseAndCache(request);
        return request;
    }
}
