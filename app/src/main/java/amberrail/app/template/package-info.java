/** A student's own template: where the cue ball first meets the cushion with one stroke at three tip heights, by table and day. */
package amberrail.app.template;
