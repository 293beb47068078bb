/**
 * What a few attempts can honestly say: proportions, dispersion, zone shares, each with its interval.
 *
 * <p>Counts and points only: this package knows no drill and no student. Lengths are mm, angles degrees, shares 0 to 1.
 * What cannot be said yet is an {@link amberrail.core.statistics.Estimate.NotYet} with its reason, never NaN or 0. Every
 * formula is that of statistics/methods.md, named by its heading.
 */
package amberrail.core.statistics;
