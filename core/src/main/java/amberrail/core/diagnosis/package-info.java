/**
 * Why a shot went as it did, in the terms of the stroke: pace in per cent, tip height in mm, aim in mrad (thicker positive). Knows recipes
 * and statistics, no storage and no words for people.
 */
package amberrail.core.diagnosis;
