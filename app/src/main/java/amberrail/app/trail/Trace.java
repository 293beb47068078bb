package amberrail.app.trail;

import java.time.LocalDate;
import java.util.UUID;

/**
 * Somebody who did something with what is kept about another, on one day: however often they did, it is one line.
 *
 * @param day  UTC
 * @param area of the application, by the package that answers for it
 */
record Trace(LocalDate day, UUID actorId, UUID subjectId, Deed deed, String area) {}
