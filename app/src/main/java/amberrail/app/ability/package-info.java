/** Abilities of the club's students and difficulties of its stations on one scale: the joint model of core, kept up to date (decision 14). */
package amberrail.app.ability;
