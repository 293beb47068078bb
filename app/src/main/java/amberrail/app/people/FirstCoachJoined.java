package amberrail.app.people;

import java.util.UUID;

/** The club has begun: published once, when the first coach has set name and password. */
public record FirstCoachJoined(UUID coachId) {}
