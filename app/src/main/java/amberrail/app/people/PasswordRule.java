package amberrail.app.people;

import amberrail.app.web.Refused;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * What a password must be: long enough, none of the common ones, not made of the person's own name. No rule about kinds of characters: length is
 * what helps (OWASP ASVS 4.0.3, 2.1).
 */
final class PasswordRule {
    static final int SHORTEST = 10;
    static final int LONGEST = 200;
    /** Of 0 to 4: 10^3 to 10^6 guesses are few for whoever has the common ones in a list. */
    private static final int WEAK = 1;
    /** A longer one's beginning tells; the measure looks at every pair of places. */
    private static final int MEASURED = 60;

    private PasswordRule() {}

    /** {@link Refused} at the field "password" with the reason. */
    static void require(String password, String signInName, String name) {
        int characters = password.codePointCount(0, password.length());
        if (characters < SHORTEST || characters > LONGEST) {
            throw new Refused(
                    "password",
                    "Password: must have " + SHORTEST + " to " + LONGEST + " characters; it has " + characters + ".");
        }
        List<String> own = Stream.concat(Stream.of(signInName, name), Stream.of(name.split("\\s+")))
                .map(word -> word.toLowerCase(Locale.ROOT))
                .filter(word -> !word.isBlank())
                .toList();
        if (madeOf(password.toLowerCase(Locale.ROOT), own)) {
            throw new Refused(
                    "password", "Password: must not be your name. Choose words that nobody connects with you.");
        }
        String measured = password.length() > MEASURED ? password.substring(0, MEASURED) : password;
        if (Holder.MEASURE.measure(measured, own).getScore() <= WEAK) {
            throw new Refused(
                    "password",
                    "Password: this one is common or easy to guess. Three or four words that do not belong together are good.");
        }
    }

    /** Nothing but the person's names, once or again and again, and a few more characters. */
    private static boolean madeOf(String password, List<String> own) {
        String rest = password;
        for (String word : own) {
            rest = word.length() < 3 ? rest : rest.replace(word, "");
        }
        return rest.length() < password.length() && rest.codePointCount(0, rest.length()) < SHORTEST / 2;
    }

    /** The lists are read when the first password is chosen and not before. */
    private static final class Holder {
        private static final Zxcvbn MEASURE = new Zxcvbn();
    }
}
