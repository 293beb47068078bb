package amberrail.core.setup;

import amberrail.core.drill.ShotLayout;
import java.util.EnumSet;
import java.util.Set;

/**
 * How two set-ups differ that attempts are to be compared over, and what can still be compared then: a ring made smaller makes nobody worse.
 */
public enum WhatChanged {
    /** Balls or pocket: another shot altogether. */
    THE_SHOT,
    /** Where the cue ball shall go. */
    TARGET_PLACE,
    /** The same place, but how near is near enough. */
    TARGET_SIZE,
    /** What else is asked: cushions, lines, half a pocket. */
    OTHER_DEMANDS;

    /** Nothing for two set-ups whose attempts may be thrown together. */
    public static Set<WhatChanged> between(ShotLayout one, ShotLayout other) {
        if (!one.asksTheSamePotAs(other)) {
            return EnumSet.of(THE_SHOT);
        }
        Set<WhatChanged> changed = EnumSet.noneOf(WhatChanged.class);
        if (one.hasTarget() != other.hasTarget() || !one.isLaidOutAs(other)) {
            changed.add(TARGET_PLACE);
        } else if (!one.zone().equals(other.zone())) {
            changed.add(TARGET_SIZE);
        }
        if (changed.isEmpty() && !one.conditions().equals(other.conditions())) {
            changed.add(OTHER_DEMANDS);
        }
        return changed;
    }

    /** Whether successes can be compared: only where the same is asked. */
    public static boolean successComparable(Set<WhatChanged> changed) {
        return changed.isEmpty();
    }

    /** Whether distances from the target can be: only where it is in the same place. */
    public static boolean distanceComparable(Set<WhatChanged> changed) {
        return !changed.contains(THE_SHOT) && !changed.contains(TARGET_PLACE);
    }

    /** Whether potting and spread can be. */
    public static boolean pottingComparable(Set<WhatChanged> changed) {
        return !changed.contains(THE_SHOT);
    }
}
