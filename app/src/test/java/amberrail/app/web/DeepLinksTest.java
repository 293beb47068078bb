package amberrail.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import amberrail.app.testing.AppTest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Every page that the front end's router knows is there when its address is opened or loaded again. */
class DeepLinksTest extends AppTest {
    private static final Pattern PATH = Pattern.compile("path: '(/[^']*)'");

    @Test
    void everyPathOfTheRouterIsServed() throws Exception {
        String router = Files.readString(Path.of("../ui/src/router.ts"));
        List<String> missing = new ArrayList<>();
        int found = 0;
        Matcher paths = PATH.matcher(router);
        while (paths.find()) {
            String path = paths.group(1);
            if (path.contains("*")) {
                continue;
            }
            found++;
            String address = path.replaceAll(":\\w+", "something");
            String forwarded =
                    mvc.perform(get(address)).andReturn().getResponse().getForwardedUrl();
            if (!"/index.html".equals(forwarded)) {
                missing.add(address);
            }
        }
        assertThat(found).isGreaterThan(15);
        assertThat(missing).isEmpty();
    }
}
