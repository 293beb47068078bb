/** What attempts come to by student, session and station, kept in the database and counted anew where attempts have changed (decision 14). */
package amberrail.app.results;
