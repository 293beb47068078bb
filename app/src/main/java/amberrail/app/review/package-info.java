/** What happened in a session: shot map and figures, each with its interval and its n. */
package amberrail.app.review;
