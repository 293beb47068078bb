/** {@code ./amber doctor}: looks at everything a server needs, without starting one, and says what to do. */
package amberrail.app.doctor;
