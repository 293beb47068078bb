/** All sessions that somebody may see, newest first, page by page, with what each student did in them. */
package amberrail.app.sessionlist;
