/**
 * The club's tables, ball sets and cues, seeded from the presets when the club begins.
 *
 * <p>Other features take numbers from {@link amberrail.app.kit.KitService} and snapshot them: a table that is measured anew
 * does not change what was recorded on it.
 */
package amberrail.app.kit;
