/** The club's calendar: lessons, practice, tables, holidays; as a page, as a file and as a feed for other calendars. */
package amberrail.app.calendar;
