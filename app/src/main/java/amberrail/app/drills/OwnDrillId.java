package amberrail.app.drills;

import java.util.UUID;
import java.util.regex.Pattern;

/** The ids of drills that somebody of the club has made; every other drill comes with the program. */
public final class OwnDrillId {
    private static final String PREFIX = "own-";
    private static final Pattern WHOLE = Pattern.compile(PREFIX + "[0-9a-f-]{36}");

    private OwnDrillId() {}

    public static boolean is(String drillId) {
        return drillId.startsWith(PREFIX);
    }

    /** Whether it could have been made here, so that a file may keep it. */
    static boolean isWhole(String drillId) {
        return WHOLE.matcher(drillId).matches();
    }

    static String newOne() {
        return PREFIX + UUID.randomUUID();
    }
}
