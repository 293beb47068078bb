/**
 * The data folder: what must hold before the database is opened, how it is brought up to date without ever being half changed, how full the disk
 * is, and what is said while the database does not answer. Knows no feature; SQL only where a stored value would break every page.
 */
package amberrail.app.storage;
