package amberrail.e2e.pages;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** A day as one types it into a field. */
public final class TypedDay {
    private static final DateTimeFormatter FORMAT = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private TypedDay() {}

    public static String of(LocalDate day) {
        return FORMAT.format(day);
    }

    public static String daysFromToday(int days) {
        return of(LocalDate.now().plusDays(days));
    }
}
