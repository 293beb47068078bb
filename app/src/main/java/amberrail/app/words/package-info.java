/** The sentences of screen and paper: one catalogue a dialect, kept with the front end ({@code ui/src/i18n/words}) and read here for paper. */
package amberrail.app.words;
