/**
 * Attacks and faults, tried on the packed server from outside ({@code ./amber audit}); each prints its figure into docs/audit.md. Slow, and apart
 * from {@code ./amber test}. Knows HTTP and the data folder only.
 */
package amberrail.audit;
