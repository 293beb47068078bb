package amberrail.core.kit;

import amberrail.core.motion.Physics;
import amberrail.core.statistics.Interval;
import amberrail.core.table.TableLevel;
import amberrail.core.table.TableSpec;
import java.util.List;

/**
 * What is known of a table's numbers, each with its 90 % interval.
 *
 * @param rollingFriction    mu_r
 * @param slidingFriction    mu_s
 * @param cushionRestitution of a cushion at low speed
 * @param driftX             acceleration of a rolling ball along +x (m/s²)
 * @param driftY             the same along +y
 */
public record TableFigures(
        Estimated rollingFriction,
        Estimated slidingFriction,
        Estimated cushionRestitution,
        Estimated driftX,
        Estimated driftY) {
    /** An interval that has not become narrower than so much of the preset's has not been measured. */
    private static final double TOLD_BELOW = 0.8;

    /** What is believed of a table that nobody has measured: the numbers of its kind. */
    public static TableFigures preset(CheckedTable table) {
        TableFigures prior = TableCheck.of(table, List.of()).figures();
        // The interval is cut at 1; the value that everything predicts with is the preset's own.
        Estimated cushions = new Estimated(table.preset().cushionRestitution(), prior.cushionRestitution.interval());
        return new TableFigures(prior.rollingFriction, prior.slidingFriction, cushions, prior.driftX, prior.driftY);
    }

    public Estimated of(TableFigure figure) {
        return switch (figure) {
            case ROLLING_FRICTION -> rollingFriction;
            case SLIDING_FRICTION -> slidingFriction;
            case CUSHION_RESTITUTION -> cushionRestitution;
            case DRIFT_X -> driftX;
            case DRIFT_Y -> driftY;
        };
    }

    /** Whether readings have told anything about it, next to what was believed before them. */
    public boolean tells(TableFigure figure, TableFigures before) {
        return figure.widthOf(of(figure)) < TOLD_BELOW * figure.widthOf(before.of(figure));
    }

    /** These where readings have told something that {@code prior} did not know, and {@code otherwise} where not. */
    public TableFigures orElse(TableFigures otherwise, TableFigures prior) {
        return new TableFigures(
                told(TableFigure.ROLLING_FRICTION, otherwise, prior),
                told(TableFigure.SLIDING_FRICTION, otherwise, prior),
                told(TableFigure.CUSHION_RESTITUTION, otherwise, prior),
                told(TableFigure.DRIFT_X, otherwise, prior),
                told(TableFigure.DRIFT_Y, otherwise, prior));
    }

    private Estimated told(TableFigure figure, TableFigures otherwise, TableFigures prior) {
        return (tells(figure, prior) ? this : otherwise).of(figure);
    }

    public ClothNumbers numbers() {
        return new ClothNumbers(
                rollingFriction.value(),
                slidingFriction.value(),
                cushionRestitution.value(),
                driftX.value(),
                driftY.value());
    }

    /** The engine's numbers, all that was not measured as in the preset. */
    public Physics on(Physics preset) {
        return numbers().on(preset);
    }

    /**
     * One of them as a coach would say it: how far a ball rolls from 1 m/s (m), grip as it is, cushions in per cent, and drifts as how far a slow
     * ball strays over one table length (mm, towards +x or +y positive).
     */
    public Estimated asSaid(TableFigure figure, CheckedTable table) {
        Estimated one = of(figure);
        return switch (figure) {
            case ROLLING_FRICTION -> {
                double metres = TableVerdict.STATED_METRES_PER_SECOND
                        * TableVerdict.STATED_METRES_PER_SECOND
                        / (2 * table.preset().gravity());
                yield new Estimated(
                        metres / one.value(),
                        new Interval(
                                metres / one.interval().upper(),
                                metres / one.interval().lower()));
            }
            case SLIDING_FRICTION -> one;
            case CUSHION_RESTITUTION -> times(one, 100);
            case DRIFT_X, DRIFT_Y -> times(one, straysForOne(table));
        };
    }

    /** To first order: mm for each m/s² of drift, on a cloth of this speed. */
    private double straysForOne(CheckedTable table) {
        double small = 1e-4;
        Physics physics = on(table.preset()).withDrift(0, small);
        return Math.abs(TableVerdict.straysMillimetres(table, physics)) / small;
    }

    private static Estimated times(Estimated one, double factor) {
        return new Estimated(
                one.value() * factor,
                new Interval(one.interval().lower() * factor, one.interval().upper() * factor));
    }

    /** As what is known before a cue is checked on the table: each by itself, in the scale of the preset. */
    public TableEstimate.Posterior asPrior(CheckedTable table) {
        ClothScale scale = new ClothScale(table.preset());
        double[] mode = new double[ClothScale.SIZE];
        double[][] precision = new double[ClothScale.SIZE][ClothScale.SIZE];
        for (TableFigure figure : TableFigure.values()) {
            int unknown = figure.ordinal();
            Estimated one = of(figure);
            mode[unknown] = scale.zOf(unknown, one.value());
            double sd = (scale.zOf(unknown, one.interval().upper())
                            - scale.zOf(unknown, one.interval().lower()))
                    / (2 * TableCheck.HALF_WIDTH);
            precision[unknown][unknown] = 1 / (sd * sd);
        }
        return new TableEstimate.Posterior(mode, precision);
    }

    /** What these leave open of the slope; never more than of a table that nobody has looked at. */
    public TableLevel level() {
        double x = driftX.interval().upper() - driftX.interval().lower();
        double y = driftY.interval().upper() - driftY.interval().lower();
        double spread = Math.sqrt((x * x + y * y) / 2) / (2 * TableCheck.HALF_WIDTH);
        return new TableLevel(Math.min(spread, TableLevel.NEVER_CHECKED.unknownDriftMetresPerSecondSquared()));
    }

    /** The table as it is predicted on with these. */
    public TableSpec on(TableSpec table) {
        return table.with(on(table.kind().usualPhysics()), level());
    }
}
