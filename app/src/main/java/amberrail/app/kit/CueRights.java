package amberrail.app.kit;

import amberrail.app.people.Access;
import amberrail.app.people.SignedIn;
import amberrail.app.web.Missing;
import org.springframework.stereotype.Component;

/** The club's cues are seen by everybody and looked after by coaches; a student's own by the student and whoever coaches them, and is not there for others. */
@Component
class CueRights {
    private final Access access;

    CueRights(Access access) {
        this.access = access;
    }

    boolean maySee(SignedIn who, CueEntity cue) {
        return cue.ownerId == null || access.maySee(who, cue.ownerId);
    }

    void requireMayChange(SignedIn who, CueEntity cue) {
        if (cue.ownerId == null) {
            access.requireCoach(who);
        } else if (!maySee(who, cue)) {
            throw new Missing("cue");
        }
    }
}
