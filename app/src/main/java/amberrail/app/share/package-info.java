/** One report by a link that ends by itself, for somebody who has no sign-in. */
package amberrail.app.share;
