package amberrail.core.rack;

import java.util.ArrayList;
import java.util.List;

/**
 * How much is looked at for one shot.
 *
 * @param looks   pots that are tried with all strokes
 * @param places  with the cue ball in hand: places that are tried with all strokes
 * @param strokes the grid
 * @param kept    strokes that are played with errors
 * @param samples how often each
 * @param deep    of those, strokes whose next shot is searched as well; 0: the estimate must do
 * @param deepSamples how often each of these
 */
record SearchEffort(int looks, int places, List<RackStroke> strokes, int kept, int samples, int deep, int deepSamples) {
    private static final double[] FEW_PACES = {1.1, 1.7, 2.6, 3.8};
    private static final double[] FEW_HEIGHTS = {-0.38, 0, 0.32};
    private static final double[] MANY_PACES = {0.8, 1.1, 1.5, 2.0, 2.7, 3.6, 4.8};
    private static final double[] MANY_HEIGHTS = {-0.42, -0.24, 0, 0.2, 0.4};
    private static final double SIDE = 0.28;

    /** For the inside of simulated racks. */
    static final SearchEffort QUICK = new SearchEffort(3, 10, grid(FEW_PACES, FEW_HEIGHTS, false), 5, 6, 0, 0);
    /** For the second of two shots that are looked at in full. */
    static final SearchEffort SECOND = new SearchEffort(2, 4, grid(FEW_PACES, FEW_HEIGHTS, false), 3, 4, 0, 0);
    /** For what a person is shown. */
    static final SearchEffort SHOWN = new SearchEffort(5, 10, grid(MANY_PACES, MANY_HEIGHTS, true), 11, 9, 4, 9);

    private static List<RackStroke> grid(double[] paces, double[] heights, boolean withSide) {
        List<RackStroke> grid = new ArrayList<>();
        for (double pace : paces) {
            for (double height : heights) {
                grid.add(new RackStroke(pace, height, 0));
                if (withSide && Math.abs(height) < 0.3) {
                    grid.add(new RackStroke(pace, height, SIDE));
                    grid.add(new RackStroke(pace, height, -SIDE));
                }
            }
        }
        return List.copyOf(grid);
    }
}
