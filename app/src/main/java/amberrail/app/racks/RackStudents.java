package amberrail.app.racks;

import amberrail.app.advice.OwnErrorSizes;
import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.core.rack.HouseRules;
import amberrail.core.rack.RackStudent;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** A student as racks reckon with them: with their own error sizes as far as they can be told, else those of their ability. */
@Component
class RackStudents {
    private final OwnErrorSizes sizes;
    private final Access access;

    RackStudents(OwnErrorSizes sizes, Access access) {
        this.sizes = sizes;
        this.access = access;
    }

    /** {@code Missing} for a student whom this person may not see. */
    RackStudent of(SignedIn who, UUID studentId, HouseRules rules) {
        access.requireStudent(who, studentId);
        return new RackStudent(sizes.of(who, studentId).inUse(), rules);
    }
}
