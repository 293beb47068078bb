/** Who saw and changed what about whom: noted by itself, read by the person and the head coach, kept a year, changed by nobody. */
package amberrail.app.trail;
