package amberrail.core.attempt;

import amberrail.core.problem.Require;
import java.util.Objects;
import java.util.Optional;

/**
 * What a landing cannot show, held for one demand (answers.md, "An attempt"). A demand without a fact counts as met: one tap on it says
 * otherwise.
 *
 * @param demand index of the demand in its shot
 * @param place  where another ball ended, for a demand about that
 */
public record Fact(int demand, Seen seen, Optional<Landing> place) {
    /** How it was seen. */
    public enum Seen {
        MET,
        NOT_MET,
        NOT_SEEN
    }

    public Fact {
        Require.between("demand", demand, 0, 50);
        Objects.requireNonNull(seen);
        place = place == null ? Optional.empty() : place;
    }
}
