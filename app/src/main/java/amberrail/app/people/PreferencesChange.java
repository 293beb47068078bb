package amberrail.app.people;

import amberrail.app.web.MayBeMissing;

/** What of the settings is to change; what is left out stays, so that two windows which change different things do not undo each other. */
public record PreferencesChange(
        @MayBeMissing Preferences.Dialect dialect,
        @MayBeMissing Preferences.LengthUnit lengthUnit,
        @MayBeMissing Preferences.Theme theme,
        @MayBeMissing Preferences.TipNotation tipNotation,
        @MayBeMissing Preferences.PaceNotation paceNotation) {
    Preferences on(Preferences before) {
        return new Preferences(
                or(dialect, before.dialect()),
                or(lengthUnit, before.lengthUnit()),
                or(theme, before.theme()),
                or(tipNotation, before.tipNotation()),
                or(paceNotation, before.paceNotation()));
    }

    private static <T> T or(T wanted, T before) {
        return wanted == null ? before : wanted;
    }
}
