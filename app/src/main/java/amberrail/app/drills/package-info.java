/** The shipped drills, read from their files, and a drill put on one table for drawing and recording. */
package amberrail.app.drills;
