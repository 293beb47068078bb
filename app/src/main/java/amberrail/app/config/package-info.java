/** Settings and what the whole application shares: the clock, the data folder, messages of a failed start. */
package amberrail.app.config;
