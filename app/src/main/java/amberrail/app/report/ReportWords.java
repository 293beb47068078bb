package amberrail.app.report;

import amberrail.app.people.Preferences;
import amberrail.app.progress.NextStationsView.NextStationView;
import amberrail.app.progress.ProgressView.OverallChange;
import amberrail.app.progress.ProgressView.SkillProgress;
import amberrail.app.progress.ProgressView.StationProgress;
import amberrail.app.review.Figures.ShareView;
import amberrail.app.review.Figures.SpreadView;
import amberrail.app.review.Findings.AgainstStrokeView;
import amberrail.core.drill.Skill;
import amberrail.core.statistics.Verdict;
import java.util.Locale;

/** The report's sentences, in the words and the unit of whoever prints it. */
final class ReportWords {
    private static final double MILLIMETRES_PER_INCH = 25.4;

    private final boolean snooker;
    private final Preferences.LengthUnit unit;

    ReportWords(Preferences preferences) {
        snooker = preferences.dialect() == Preferences.Dialect.SNOOKER;
        unit = preferences.lengthUnit();
    }

    String skill(Skill skill) {
        return switch (skill) {
            case POTTING -> snooker ? "Potting" : "Pocketing";
            case STUN -> "Stun";
            case DRAW -> snooker ? "Screw" : "Draw";
            case FOLLOW -> snooker ? "Top" : "Follow";
            case POSITION -> "Position";
            case SIDE -> snooker ? "Side" : "English";
            case SAFETY -> "Safety";
        };
    }

    String potted() {
        return snooker ? "potted" : "pocketed";
    }

    /** Sights depend on the table's side, so paper has centimetres for them. */
    String length(double millimetres) {
        return switch (unit) {
            case MILLIMETRES -> text("%.0f mm", millimetres);
            case INCHES -> text("%.1f in", millimetres / MILLIMETRES_PER_INCH);
            case CENTIMETRES, SIGHTS -> text("%.1f cm", millimetres / 10);
        };
    }

    String share(String name, ShareView share) {
        return share.rate() == null
                ? text("%s: nothing to count yet", name)
                : text(
                        "%s %d of %d: %.0f %% (%.0f to %.0f)",
                        name,
                        share.successes(),
                        share.trials(),
                        100 * share.rate(),
                        100 * share.lower(),
                        100 * share.upper());
    }

    String spread(SpreadView spread) {
        return text(
                "spread along the way ±%s, across ±%s",
                length(spread.sdSpeedMillimetres()), length(spread.sdLineMillimetres()));
    }

    /** Only where it is more than chance; against what the stroke itself gives. */
    String bias(AgainstStrokeView against) {
        return text(
                "on average %s %s and %s %s of where the usual stroke lands",
                length(Math.abs(against.speed())),
                against.speed() > 0 ? "beyond" : "short",
                length(Math.abs(against.line())),
                against.line() > 0 ? "left" : "right");
    }

    String change(SkillProgress skill) {
        if (skill.change() == null) {
            return "a change needs 20 tries in the last six weeks and 20 before";
        }
        String size = text(
                "%+.0f points in six weeks (%+.0f to %+.0f)", skill.change(), skill.changeLower(), skill.changeUpper());
        return verdict(skill.verdict()) + ": " + size;
    }

    /** The first line that matters: what all skills say together. */
    String overall(OverallChange overall) {
        return text(
                "%s overall: %+.0f points in six weeks (%+.0f to %+.0f)",
                capital(verdict(overall.verdict())), overall.change(), overall.lower(), overall.upper());
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    String verdict(Verdict verdict) {
        return switch (verdict) {
            case BETTER -> "better";
            case WORSE -> "worse";
            case NO_CLEAR_CHANGE_YET -> "no clear change yet";
        };
    }

    String next(NextStationView one) {
        return text(
                "%s, %s: about %.0f in 100 (%.0f to %.0f). %s",
                one.drillTitle(),
                one.stationName(),
                100 * one.p(),
                100 * one.lower(),
                100 * one.upper(),
                one.studentTries() == 0 ? "Not played yet." : text("Played %d times so far.", one.studentTries()));
    }

    String station(StationProgress one) {
        if (one.success().fittedFirst() == null || one.success().fittedLast() == null) {
            return "one session is too few for a trend";
        }
        return text(
                "%s: from about %.0f %% to %.0f %% over %d sessions",
                verdict(one.success().verdict()),
                100 * one.success().fittedFirst(),
                100 * one.success().fittedLast(),
                one.sessions().size());
    }

    static String text(String pattern, Object... values) {
        return String.format(Locale.ROOT, pattern, values);
    }
}
