/** Practice plans and goals: what to play next time, why, and how far it has come. */
package amberrail.app.plan;
