package amberrail.app.operation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The unit and the container file say what the start script and the server understand. */
class PackagingTest {
    private static final Path UNIT = Path.of("..", "packaging", "amber-rail.service");
    private static final Path CONTAINER = Path.of("..", "packaging", "Containerfile");
    private static final Pattern OPTION = Pattern.compile("--[a-z-]+");
    private static final Set<String> INSTRUCTIONS =
            Set.of("FROM", "RUN", "COPY", "USER", "VOLUME", "EXPOSE", "HEALTHCHECK", "STOPSIGNAL", "ENTRYPOINT");

    /** Sections, each with its lines in order. */
    private static Map<String, Map<String, String>> unit() throws IOException {
        Map<String, Map<String, String>> sections = new LinkedHashMap<>();
        Map<String, String> section = null;
        for (String line : Files.readAllLines(UNIT)) {
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            if (line.startsWith("[")) {
                section = new LinkedHashMap<>();
                sections.put(line.substring(1, line.indexOf(']')), section);
            } else {
                assertThat(section).as(line).isNotNull();
                assertThat(line).contains("=");
                section.put(line.substring(0, line.indexOf('=')), line.substring(line.indexOf('=') + 1));
            }
        }
        return sections;
    }

    /** Instructions with what follows, continued lines joined. */
    private static List<String> container() throws IOException {
        List<String> lines = new ArrayList<>();
        String begun = "";
        for (String line : Files.readAllLines(CONTAINER)) {
            if (begun.isEmpty() && (line.isBlank() || line.startsWith("#"))) {
                continue;
            }
            begun += line.endsWith("\\") ? line.substring(0, line.length() - 1) : line;
            if (!line.endsWith("\\")) {
                lines.add(begun);
                begun = "";
            }
        }
        assertThat(begun).isEmpty();
        return lines;
    }

    @Test
    void theUnitStartsStopsAndRestarts() throws IOException {
        Map<String, Map<String, String>> unit = unit();
        assertThat(unit.keySet()).containsExactly("Unit", "Service", "Install");
        Map<String, String> service = unit.get("Service");
        assertThat(service)
                .containsEntry("Restart", "on-failure")
                .containsEntry("SuccessExitStatus", "143")
                .containsEntry("UMask", "0077")
                .containsEntry("NoNewPrivileges", "yes");
        assertThat(Integer.parseInt(service.get("TimeoutStopSec"))).isBetween(10, 30);
        assertThat(service.get("User")).isNotEqualTo("root");
        String[] written = service.get("ReadWritePaths").split(" ");
        assertThat(service.get("ExecStart")).contains("--data " + written[0], "--backups " + written[1]);
    }

    @Test
    void theUnitSaysOnlyWhatTheScriptKnows() throws IOException {
        String script = Files.readString(Path.of("..", "amber"));
        Matcher options = OPTION.matcher(unit().get("Service").get("ExecStart"));
        List<String> unknown = new ArrayList<>();
        while (options.find()) {
            if (!script.contains(options.group() + ")")) {
                unknown.add(options.group());
            }
        }
        assertThat(unknown).isEmpty();
    }

    @Test
    void theContainerRunsAsNobodySpecialAndSaysHowItIs() throws IOException {
        List<String> lines = container();
        assertThat(lines).allMatch(line -> INSTRUCTIONS.contains(line.split(" ")[0]));
        assertThat(lines.get(0)).startsWith("FROM ");
        assertThat(lines).contains("USER amber").anyMatch(line -> line.contains("/actuator/health/readiness"));
        String start = lines.stream()
                .filter(line -> line.startsWith("ENTRYPOINT"))
                .findFirst()
                .orElseThrow();
        assertThat(start).contains("--amber.data=/data", "--amber.backup.folder=/backups", "-Xmx512m");
        String jar = lines.stream()
                .filter(line -> line.startsWith("COPY"))
                .findFirst()
                .orElseThrow();
        assertThat(jar.split(" ")[1]).isEqualTo("app/target/amber-rail-exec.jar");
        assertThat(start).contains(jar.split(" ")[2]);
        assertThat(Files.readString(Path.of("pom.xml"))).contains("exec");
    }
}
