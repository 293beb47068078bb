package amberrail.app.people;

import jakarta.validation.constraints.NotNull;

/** How a person reads the application: words of the game, unit of length, light or dark. */
public record Preferences(
        @NotNull Dialect dialect,
        @NotNull LengthUnit lengthUnit,
        @NotNull Theme theme) {
    static final Preferences DEFAULT = new Preferences(Dialect.POOL, LengthUnit.CENTIMETRES, Theme.SYSTEM);

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

    /** Light, dark, or as the device says. */
    public enum Theme {
        SYSTEM,
        LIGHT,
        DARK
    }
}
