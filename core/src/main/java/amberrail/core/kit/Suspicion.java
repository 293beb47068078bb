package amberrail.core.kit;

import java.util.Optional;

/**
 * A reading that does not go with the others. It still counts, as little as Student's errors let it, until somebody says what to do.
 *
 * @param reading            its place in the list, from 0
 * @param standardDeviations how far it is from what the others say
 * @param mend               what would make it go with them; empty where nothing known would
 */
public record Suspicion(int reading, double standardDeviations, Optional<Mend> mend) {
    /**
     * A slip that is known: a value in another unit.
     *
     * @param factor by which it was wrong
     * @param value  as it would be right
     */
    public record Mend(String field, double factor, double value) {}
}
