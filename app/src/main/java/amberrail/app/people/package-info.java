/**
 * Coaches, students, who coaches whom, and one-time links to set a password.
 *
 * <p>{@link amberrail.app.people.Access} answers every "may this person touch that student?"; other features ask it and never
 * read the tables here.
 */
package amberrail.app.people;
