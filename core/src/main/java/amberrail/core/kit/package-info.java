/** What a table and a cue are like, found from a few small experiments at the table (kit/README.md). */
package amberrail.core.kit;
