package amberrail.app.people;

import java.time.Instant;

/** One thing that happened to somebody's way to sign in, by whom and when. */
public record AccountNotice(Kind kind, String byName, Instant happenedAt) {
    /** What happened. */
    public enum Kind {
        /** A coach made a new one-time link. */
        LINK_MADE,
        /** A one-time link was used to set name and password. */
        LINK_USED,
        /** The password was changed by somebody who knew the old one. */
        PASSWORD_CHANGED
    }
}
