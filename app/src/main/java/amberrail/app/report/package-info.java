/** What a student takes home on paper: one or two pages of PDF. */
package amberrail.app.report;
