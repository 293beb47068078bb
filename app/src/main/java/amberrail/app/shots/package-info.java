/** The shot engine over HTTP: where a stroke sends the balls, and how often it would succeed. Stores nothing. */
package amberrail.app.shots;
