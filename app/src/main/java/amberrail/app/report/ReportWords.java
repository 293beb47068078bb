package amberrail.app.report;

import amberrail.app.people.Preferences;
import amberrail.app.progress.NextStationsView.NextStationView;
import amberrail.app.progress.ProgressView;
import amberrail.app.progress.ProgressView.OverallChange;
import amberrail.app.progress.ProgressView.SkillProgress;
import amberrail.app.progress.ProgressView.StationProgress;
import amberrail.app.racks.RackSummary;
import amberrail.app.review.Figures.ShareView;
import amberrail.app.review.Figures.SpreadView;
import amberrail.app.review.Findings.AgainstStrokeView;
import amberrail.app.review.ReviewView;
import amberrail.app.words.WordCatalogue;
import amberrail.core.drill.Skill;
import amberrail.core.grading.Band;
import amberrail.core.statistics.Verdict;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;

/** The report's sentences, in the words and the unit of whoever prints it. */
final class ReportWords {
    private static final double MILLIMETRES_PER_INCH = 25.4;
    private static final double MILLIMETRES_PER_CENTIMETRE = 10;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);

    private final WordCatalogue words;
    private final Preferences.LengthUnit unit;

    ReportWords(Preferences preferences) {
        words = new WordCatalogue(preferences.dialect());
        unit = preferences.lengthUnit();
    }

    String say(String key) {
        return words.say("report." + key);
    }

    /** A sentence about somebody. */
    String of(String key, String name) {
        return words.say("report." + key, Map.of("name", name));
    }

    String more(int stations) {
        return words.count("report.more", stations, Map.of());
    }

    String skill(Skill skill) {
        return capital(words.of("skill", skill));
    }

    String band(Band band) {
        return words.of("grades.band", band);
    }

    /** When it was printed, and of how much practice. */
    String heading(ProgressView progress, LocalDate today) {
        String printed = words.say("report.printed", Map.of("day", DAY.format(today)));
        if (progress.sessions() == 0) {
            return printed + " " + say("none");
        }
        return printed + " "
                + words.say(
                        "report.since",
                        Map.of(
                                "week", DAY.format(progress.weeks().get(0).week()),
                                "sessions", words.count("report.sessions", progress.sessions(), Map.of()),
                                "minutes", whole(progress.minutes()),
                                "attempts", words.count("report.attempts", progress.attempts(), Map.of())));
    }

    /** Sights depend on the table's side, so paper has centimetres for them. */
    String length(double millimetres) {
        return switch (unit) {
            case MILLIMETRES -> words.say("unit.mm", Map.of("n", whole(millimetres)));
            case INCHES -> words.say("unit.in", Map.of("n", tenth(millimetres / MILLIMETRES_PER_INCH)));
            case CENTIMETRES, SIGHTS ->
                words.say("unit.cm", Map.of("n", tenth(millimetres / MILLIMETRES_PER_CENTIMETRE)));
        };
    }

    String map(String drill, ReviewView map) {
        Map<String, Object> values = new HashMap<>(Map.of(
                "drill", drill,
                "station", map.stationName(),
                "side", words.say(map.mirrored() ? "paper.mirror" : "paper.original")));
        if (map.shots() == 1) {
            return words.say("report.map", values);
        }
        values.put("n", map.shotIndex() + 1);
        values.put("of", map.shots());
        return words.say("report.mapShot", values);
    }

    /** @param key {@code potted} or {@code inZone} */
    String share(String key, ShareView share) {
        return share.rate() == null
                ? say(key + "None")
                : words.say(
                        "report." + key,
                        Map.of(
                                "successes", share.successes(),
                                "trials", share.trials(),
                                "rate", percent(share.rate()),
                                "lower", percent(share.lower()),
                                "upper", percent(share.upper())));
    }

    String spread(SpreadView spread) {
        return words.say(
                "report.spread",
                Map.of("along", length(spread.sdSpeedMillimetres()), "across", length(spread.sdLineMillimetres())));
    }

    /** Only where it is more than chance; against what the stroke itself gives. */
    String bias(AgainstStrokeView against) {
        return words.say(
                "report.bias",
                Map.of(
                        "far", length(Math.abs(against.speed())),
                        "long", say(against.speed() > 0 ? "beyond" : "short"),
                        "aside", length(Math.abs(against.line())),
                        "side", say(against.line() > 0 ? "left" : "right")));
    }

    String change(SkillProgress skill) {
        return skill.change() == null
                ? say("changeNeeds")
                : words.say(
                        "report.change",
                        Map.of(
                                "verdict", verdict(skill.verdict()),
                                "points", signed(skill.change()),
                                "lower", signed(skill.changeLower()),
                                "upper", signed(skill.changeUpper())));
    }

    /** The first line that matters: what all skills say together. */
    /** Racks played alone, and what their layouts were worth. */
    String racks(RackSummary.Line racks) {
        String won = words.count("report.racks", racks.racks(), Map.of("won", racks.won()));
        return racks.worth()
                .map(worth -> won + " "
                        + words.count(
                                "report.racksWorth",
                                worth.racks(),
                                Map.of(
                                        "expected",
                                        String.format(Locale.ROOT, "%.1f", worth.expected()),
                                        "won",
                                        worth.won())))
                .orElse(won);
    }

    String overall(OverallChange overall) {
        return words.say(
                "report.overall",
                Map.of(
                        "verdict", capital(verdict(overall.verdict())),
                        "points", signed(overall.change()),
                        "lower", signed(overall.lower()),
                        "upper", signed(overall.upper())));
    }

    private String verdict(Verdict verdict) {
        return words.of("report.verdict", verdict);
    }

    String next(NextStationView one) {
        String played =
                one.studentTries() == 0 ? say("notPlayed") : words.count("report.played", one.studentTries(), Map.of());
        return words.say(
                "report.nextOne",
                Map.of(
                        "drill", one.drillTitle(),
                        "station", one.stationName(),
                        "chance", percent(one.p()),
                        "lower", percent(one.lower()),
                        "upper", percent(one.upper()),
                        "played", played));
    }

    String stationName(StationProgress one) {
        return words.say(
                one.passed() ? "report.passed" : "report.station",
                Map.of("drill", one.drillTitle(), "station", one.stationName()));
    }

    String trend(StationProgress one) {
        if (one.success().fittedFirst() == null || one.success().fittedLast() == null) {
            return say("oneSession");
        }
        return words.say(
                "report.trend",
                Map.of(
                        "verdict", verdict(one.success().verdict()),
                        "from", percent(one.success().fittedFirst()),
                        "to", percent(one.success().fittedLast()),
                        "n", one.sessions().size()));
    }

    private static String percent(double share) {
        return whole(100 * share);
    }

    static String whole(double value) {
        return String.format(Locale.ROOT, "%.0f", value);
    }

    private static String tenth(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private static String signed(double value) {
        return String.format(Locale.ROOT, "%+.0f", value);
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
