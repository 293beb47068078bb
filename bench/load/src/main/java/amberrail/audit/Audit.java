package amberrail.audit;

import amberrail.bench.Report;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Tries everything that {@code docs/audit.md} reports and writes it there. */
public final class Audit {
    private static final int KILL_ROUNDS = Integer.getInteger("amber.killRounds", 200);

    private Audit() {}

    private interface Part {
        void run(Path runFolder, Report report) throws Exception;
    }

    /**
     * @param arguments folder with the extracted jar and its class-data archive; the report to write; names of parts to try alone (then nothing is
     *     written)
     */
    public static void main(String[] arguments) throws Exception {
        Path runFolder = Path.of(arguments[0]);
        Map<String, Part> parts = new LinkedHashMap<>();
        parts.put("races", Races::run);
        parts.put("fuzz", Fuzz::run);
        parts.put("slow", SlowClients::run);
        parts.put("costly", CostlyQuestions::run);
        parts.put("disk", FullDisk::run);
        parts.put("network", Faults::network);
        parts.put("clocks", Faults::clocks);
        parts.put("readonly", Faults::readOnly);
        parts.put("stop", Faults::stop);
        parts.put("big", BigClub::run);
        parts.put("hall", Hall::run);
        parts.put("kill", (folder, report) -> KillRounds.run(folder, KILL_ROUNDS, report));
        List<String> wanted = List.of(arguments).subList(2, arguments.length);
        Report report = new Report();
        for (Map.Entry<String, Part> part : parts.entrySet()) {
            if (wanted.isEmpty() || wanted.contains(part.getKey())) {
                part.getValue().run(runFolder, report);
            }
        }
        if (wanted.isEmpty()) {
            report.writeTo(Path.of(arguments[1]));
        }
    }
}
