/** A student over many sessions: is it better, by station; worked out from the recorded attempts each time. */
package amberrail.app.progress;
