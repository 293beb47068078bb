package amberrail.core.table;

import amberrail.core.problem.Require;

/** Size and mass of one ball. */
public record BallSpec(double diameterMillimetres, double massKilograms) {
    public BallSpec {
        Require.positive("diameterMillimetres", diameterMillimetres);
        Require.positive("massKilograms", massKilograms);
    }

    public double radiusMillimetres() {
        return diameterMillimetres / 2;
    }
}
