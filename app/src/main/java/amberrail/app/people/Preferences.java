package amberrail.app.people;

import jakarta.validation.constraints.NotNull;

/** How a person reads the application: words of the game, units, notation of strokes, light or dark. */
public record Preferences(
        @NotNull Dialect dialect,
        @NotNull LengthUnit lengthUnit,
        @NotNull Theme theme,
        @NotNull TipNotation tipNotation,
        @NotNull PaceNotation paceNotation) {
    static final Preferences DEFAULT =
            new Preferences(Dialect.POOL, LengthUnit.CENTIMETRES, Theme.SYSTEM, TipNotation.TIPS, PaceNotation.SCALE);

    /** Words of the game. */
    public enum Dialect {
        POOL,
        SNOOKER
    }

    /** Unit that lengths are shown and typed in. */
    public enum LengthUnit {
        MILLIMETRES,
        CENTIMETRES,
        INCHES,
        SIGHTS
    }

    /** How the tip's place on the ball is read; one stored value (mm). */
    public enum TipNotation {
        /** In half tips. */
        TIPS,
        /** As a direction on a clock face, and per cent of the miscue limit. */
        CLOCK,
        MILLIMETRES,
        /** Of the miscue limit. */
        PERCENT
    }

    /** How pace is read; one stored value (m/s). */
    public enum PaceNotation {
        /** 1 to 10. */
        SCALE,
        TABLE_LENGTHS,
        METRES_PER_SECOND
    }

    /** Light, dark, or as the device says. */
    public enum Theme {
        SYSTEM,
        LIGHT,
        DARK
    }
}
