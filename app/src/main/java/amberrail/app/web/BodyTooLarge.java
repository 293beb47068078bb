package amberrail.app.web;

import java.io.IOException;

/** Thrown while reading, so that a body without a stated length is cut off too. */
class BodyTooLarge extends IOException {
    BodyTooLarge(long limitBytes) {
        super("The request is larger than the " + limitBytes / 1024 + " KB that are read. Nothing was saved.");
    }
}
