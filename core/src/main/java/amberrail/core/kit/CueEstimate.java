package amberrail.core.kit;

import java.util.List;

/**
 * What a cue check has found so far.
 *
 * @param endMassRatio     ball mass over the cue's effective end mass
 * @param elevationDegrees of the cue as this player holds it
 */
public record CueEstimate(Estimated endMassRatio, Estimated elevationDegrees, List<Suspicion> suspicions) {
    public CueEstimate {
        suspicions = List.copyOf(suspicions);
    }
}
