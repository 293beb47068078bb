package amberrail.core.table;

import amberrail.core.problem.Require;

/**
 * What is known of how level a table is, and so how much a simulated stroke's slope is left to chance (grading.md, version 2).
 *
 * @param unknownDriftMetresPerSecondSquared standard deviation along each axis (m/s²) of the acceleration that a rolling ball shows
 */
public record TableLevel(double unknownDriftMetresPerSecondSquared) {
    public TableLevel {
        Require.notNegative("unknownDriftMetresPerSecondSquared", unknownDriftMetresPerSecondSquared);
    }

    /** The slope is in the table's numbers, or is not to count: grades are those of a level table. */
    public static final TableLevel KNOWN = new TableLevel(0);

    /** 0.3 mm for each metre along each axis: 5/7 g times that. */
    public static final TableLevel NEVER_CHECKED = new TableLevel(0.0021);
}
