/** What called strokes tell of the club's cloths: worked out in the background, proposed with its evidence, never applied by itself. */
package amberrail.app.learning;
