/** Backups while the server runs: written, verified by opening them, kept by a rule, and put back by {@code ./amber restore}. */
package amberrail.app.backup;
