package amberrail.core.rack;

import java.util.Optional;

/**
 * What one shot came to.
 *
 * @param end  how the rack ended; empty where it goes on
 * @param next the position afterwards; also where the rack ended
 * @param points scored
 */
record Played(Optional<RackEnd> end, RackPosition next, int points) {
    boolean goesOn() {
        return end.isEmpty();
    }

    boolean isCleared() {
        return end.filter(one -> one == RackEnd.CLEARED).isPresent();
    }
}
