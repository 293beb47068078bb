package amberrail.core.drill;

import amberrail.core.problem.Require;
import amberrail.core.table.Cushion;
import amberrail.core.table.PocketName;
import java.util.Objects;

/** Where a ball or a target lies, in words that keep their meaning on another table (answers.md, "Positions"). */
public sealed interface Position {

    /** Sights from the SW corner: x = along·L/8 (0..8), y = across·W/4 (0..4); fractions allowed. */
    record AtSights(double along, double across) implements Position {
        public AtSights {
            Require.between("along", along, 0, 8);
            Require.between("across", across, 0, 4);
        }
    }

    /** A named spot of the table, with an offset (mm). */
    record OnSpot(String spot, double dxMillimetres, double dyMillimetres) implements Position {
        public OnSpot {
            Require.text("spot", spot, 40);
            Require.finite("dxMillimetres", dxMillimetres);
            Require.finite("dyMillimetres", dyMillimetres);
        }
    }

    /**
     * Ball widths from a cushion: 0 touches it, 1 leaves room for one object ball between.
     *
     * @param sightsAlong place along that cushion, in its own sights from the SW corner's side
     */
    record OffCushion(Cushion cushion, double ballWidths, double sightsAlong) implements Position {
        public OffCushion {
            Objects.requireNonNull(cushion);
            Require.notNegative("ballWidths", ballWidths);
            Require.between("sightsAlong", sightsAlong, 0, 8);
        }
    }

    /**
     * Ball widths from a pocket, measured from the middle of its mouth back along its axis.
     *
     * @param bearingDegrees turned from that axis, counter-clockwise as seen from above; 0 lies straight before the pocket
     */
    record OffPocket(PocketName pocket, double ballWidths, double bearingDegrees) implements Position {
        public OffPocket {
            Objects.requireNonNull(pocket);
            Require.between("ballWidths", ballWidths, 0, 60);
            Require.between("bearingDegrees", bearingDegrees, -89, 89);
        }
    }

    /** Touching another ball, seen from it in this direction (degrees from +x, counter-clockwise). */
    record TouchingBall(String ball, double bearingDegrees) implements Position {
        public TouchingBall {
            Require.text("ball", ball, 20);
            Require.finite("bearingDegrees", bearingDegrees);
        }
    }

    /**
     * On the aim line of a pot: at a wanted cut, this far back from the ghost ball.
     *
     * @param cutDegrees          positive: the object ball leaves to the left of the aim; |cut| under 90
     * @param distanceMillimetres from the ghost ball back along the aim; negative lies beyond it
     */
    record ForPot(String ball, PocketName pocket, double cutDegrees, double distanceMillimetres) implements Position {
        public ForPot {
            Require.text("ball", ball, 20);
            Objects.requireNonNull(pocket);
            Require.between("cutDegrees", cutDegrees, -89, 89);
            Require.finite("distanceMillimetres", distanceMillimetres);
        }
    }
}
