package amberrail.app.results;

import java.util.UUID;

/** The student and the drill that go together most often in the club's records. */
public record MostPlayed(UUID studentId, String drillId, int attempts) {}
