/** Personal secrets for scripts and devices: no further than their scope, shown once, ended at any time. */
package amberrail.app.tokens;
