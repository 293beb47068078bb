package amberrail.app.trail;

import org.springframework.stereotype.Service;

/** The trail for those who read it from the table {@code audit_entry}. */
@Service
public class Trail {
    private final TrailKeeper keeper;

    Trail(TrailKeeper keeper) {
        this.keeper = keeper;
    }

    /** Every request that has been answered is in the table when this returns; it is written beside the requests otherwise. */
    public void upToNow() {
        keeper.write();
    }
}
