/** The first screen: whom I coach (or myself), what was last done, and where to go on. */
package amberrail.app.today;
