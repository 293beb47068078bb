/** Signing in and out, the first coach, one-time links, and the security of every request. */
package amberrail.app.signin;
