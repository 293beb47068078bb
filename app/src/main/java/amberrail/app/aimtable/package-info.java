/** Where to aim with side, for one cue on one table: worked out afresh from what is known of both. */
package amberrail.app.aimtable;
