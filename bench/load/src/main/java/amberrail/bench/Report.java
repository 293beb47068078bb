package amberrail.bench;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The table of docs/benchmarks.md; it is written anew between its two marks, the words around it stay. */
public final class Report {
    private static final String BEGIN = "<!-- measured: begin -->";
    private static final String END = "<!-- measured: end -->";

    private final List<String> lines = new ArrayList<>();

    public void add(String what, String wanted, double measured, String unit) {
        String figure = String.format(Locale.ROOT, measured < 10 ? "%.2f" : "%.1f", measured);
        add(what, wanted, figure + (unit.isEmpty() ? "" : " " + unit));
    }

    public void add(String what, String wanted, String measured) {
        String line = "| " + what + " | " + wanted + " | " + measured + " |";
        System.out.println(line);
        lines.add(line);
    }

    public void writeTo(Path file) throws IOException {
        var machine = (com.sun.management.OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();
        String heading = String.format(
                Locale.ROOT,
                "%s, %d cores, %.0f GiB, load %.1f when it ended, Java %s%n%n| figure | wanted | measured |%n| --- | --- | --- |%n",
                LocalDate.now(),
                machine.getAvailableProcessors(),
                machine.getTotalMemorySize() / Math.pow(1024, 3),
                machine.getSystemLoadAverage(),
                Runtime.version().feature());
        String text = Files.exists(file) ? Files.readString(file) : BEGIN + "\n" + END + "\n";
        String before = text.substring(0, text.indexOf(BEGIN) + BEGIN.length());
        String after = text.substring(text.indexOf(END));
        Files.writeString(file, before + "\n\n" + heading + String.join("\n", lines) + "\n\n" + after);
    }
}
