package amberrail.core.drill;

import amberrail.core.problem.Require;
import java.util.List;
import java.util.Set;

/**
 * What a library is searched by.
 *
 * @param family  one of the shipped families, or the coach's own word
 * @param games   which games it is meant for; empty: any
 * @param solo    can be practised alone
 * @param coached worth a coach's eye
 * @param schools what it takes sides for
 * @param words   free words
 */
public record DrillTags(
        String family, Set<Game> games, boolean solo, boolean coached, Set<School> schools, List<String> words) {
    private static final int MOST_WORDS = 20;

    public DrillTags {
        Require.text("family", family, 40);
        games = games == null ? Set.of() : Set.copyOf(games);
        schools = schools == null ? Set.of() : Set.copyOf(schools);
        words = words == null ? List.of() : List.copyOf(words);
        Require.between("words", words.size(), 0, MOST_WORDS);
        words.forEach(word -> Require.text("words", word, 40));
    }
}
