/** A student over many sessions, what to play next, and the group: is it better, by skill, drill and station. */
package amberrail.app.progress;
