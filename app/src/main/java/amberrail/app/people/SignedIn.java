package amberrail.app.people;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** Who is asking; kept in the server's session, so it holds ids and no settings. */
public record SignedIn(UUID accountId, Role role, boolean headCoach) implements Principal, Serializable {
    /** The id, since names change: sessions are found by it. */
    @Override
    public String getName() {
        return accountId.toString();
    }

    public boolean isCoach() {
        return role == Role.COACH;
    }
}
