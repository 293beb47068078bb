/** The shot lab: one question at a time, answered in closed form by core for the club's kinds of table. Stores nothing. */
package amberrail.app.lab;
