/** Minors, what was consented to, whom to turn to, and how long somebody is kept who no longer practises. */
package amberrail.app.consent;
