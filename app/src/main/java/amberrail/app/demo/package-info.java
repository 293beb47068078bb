/** The made-up club for {@code ./amber demo}: Lantern Street Cue Room. Only there with the profile "demo". */
package amberrail.app.demo;
