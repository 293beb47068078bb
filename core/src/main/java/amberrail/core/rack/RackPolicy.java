package amberrail.core.rack;

import java.util.Optional;

/** Somebody's way to choose the next shot; empty where they see none. */
interface RackPolicy {
    Optional<ShotChoice> next(RackPosition position);

    /** What the tool proposes, planned anew before every shot. */
    static RackPolicy proposed(RackStudent student) {
        ShotSearch search = new ShotSearch(student, SearchEffort.QUICK);
        return position -> search.best(position).stream().findFirst();
    }

    /** The likeliest pot, plainly, wherever the cue ball goes: what proposals are held against. */
    static RackPolicy easiest(RackStudent student) {
        EasiestPot easiest = new EasiestPot(student);
        return easiest::next;
    }
}
