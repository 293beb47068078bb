/**
 * The bench's questions about a drill that is being written: how it lies on a table, what does not work in it, which stroke is usual, whether
 * each station is harder than the last. Stores nothing.
 */
package amberrail.app.bench;
