package amberrail.app.racks;

import amberrail.app.people.Preferences.Dialect;
import amberrail.app.words.WordCatalogue;
import amberrail.core.rack.RackGames;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Racks as lines of a plan: such a line stands under {@code rack:} and its game's key where a drill's stands under the drill's id. */
@Component
public class RacksInPlans {
    private static final String PREFIX = "rack:";
    private static final String GAMES = "racks.games.";

    private final RackRepository racks;

    RacksInPlans(RackRepository racks) {
        this.racks = racks;
    }

    /** How many racks of a game a student has played to their end among those begun from {@code from} on, before {@code until}; whoever calls this has checked who asks. */
    public int played(UUID studentId, String game, Instant from, Instant until) {
        return racks.countByStudentIdAndGameAndEndReasonIsNotNullAndStartedAtGreaterThanEqualAndStartedAtLessThan(
                studentId, game, from, until);
    }

    /** The game's key; empty for a drill's line. */
    public static Optional<String> gameOf(String line) {
        return line.startsWith(PREFIX) ? Optional.of(line.substring(PREFIX.length())) : Optional.empty();
    }

    /** {@code UNKNOWN_ID} for a key that no game has. */
    public static void requireGame(String key) {
        RackGames.byKey(key);
    }

    /** What the game is called on every screen and sheet; games have one name in pool and in snooker words. */
    public static String title(String key) {
        WordCatalogue words = new WordCatalogue(Dialect.POOL);
        String[] parts = key.split("-", 2);
        if (parts.length == 1) {
            return words.say(GAMES + parts[0]);
        }
        boolean group = !Character.isDigit(parts[1].charAt(0));
        return words.say(GAMES + parts[0], Map.of("n", group ? words.say("racks.group." + parts[1]) : parts[1]));
    }
}
