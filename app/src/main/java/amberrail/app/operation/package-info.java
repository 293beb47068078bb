/** What a machine asks about the server: figures of its own beside those of the framework. */
package amberrail.app.operation;
