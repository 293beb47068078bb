/** Simulated grades of stations: worked out in the background, kept by what they depend on, shipped for the shipped drills. */
package amberrail.app.grades;
