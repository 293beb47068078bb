/**
 * Attempts: written by PUT with a client-made id and a revision, judged by core, never removed.
 *
 * <p>An attempt's row holds its newest revision; every revision stays in the audit trail. Run and rule are worked out anew from
 * the order (sequence, device) each time, so that devices may send late.
 */
package amberrail.app.attempts;
