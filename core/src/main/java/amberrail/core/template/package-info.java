/** A student's own template: where one stroke at three tip heights meets the cushion, predicted and read. */
package amberrail.core.template;
