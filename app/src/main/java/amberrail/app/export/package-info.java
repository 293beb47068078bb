/** Attempts written out for other programs: the columns of docs/formats/attempts.md, as CSV and as JSON. */
package amberrail.app.export;
