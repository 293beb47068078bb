/** What a person brings to the table: the observations that a coach notes, and a student's steps before each shot with the clock between shots. */
package amberrail.app.routine;
