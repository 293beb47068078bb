/** Attempts read from a CSV file (docs/formats/attempts.md): a dry run first, errors by line, all or nothing. */
package amberrail.app.attemptimport;
