/**
 * How wrong input is reported: a stable code, the field, the value and the rule that it broke.
 *
 * <p>Everything else in core may use this package; it knows nothing of tables, drills or statistics. "Too few data" is
 * not an error and lives in {@code statistics.Estimate}.
 */
package amberrail.core.problem;
