package amberrail.app.kit;

import amberrail.core.kit.Estimated;

/** What is known of a cue: its tip (mm), ball mass over the cue's effective end mass, and how its player holds it (degrees). */
public record CueFigures(double tipDiameterMillimetres, Estimated endMassRatio, Estimated elevationDegrees) {}
