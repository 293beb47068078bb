package amberrail.bench;

import java.util.UUID;

/** One device that records attempt after attempt, in sessions of 200, each try of so many shots. */
final class SessionsOfAttempts {
    private static final int SESSION_LENGTH = 200;
    private static final int PLACES = 90;

    private final Device device;
    private final String drill;
    private final int shots;
    private String session = "";
    private UUID currentTry = UUID.randomUUID();
    private int sentInSession = SESSION_LENGTH;

    SessionsOfAttempts(Device device, String drill, int shots) {
        this.device = device;
        this.drill = drill;
        this.shots = shots;
    }

    /** A session for the next attempt, where the one before is full: whoever measures attempts alone does it beforehand. */
    void beginWhereDue() throws Exception {
        if (sentInSession == SESSION_LENGTH) {
            session = device.beginSession(drill);
            sentInSession = 0;
        }
    }

    void next() throws Exception {
        beginWhereDue();
        int sequence = sentInSession++;
        int shot = sequence % shots;
        if (shot == 0) {
            currentTry = UUID.randomUUID();
        }
        device.send(
                "PUT",
                "/api/v1/sessions/" + session + "/attempts/" + UUID.randomUUID(),
                Device.attempt(currentTry, sequence, shot, sequence % PLACES));
    }
}
