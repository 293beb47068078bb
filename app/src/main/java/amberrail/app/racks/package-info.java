/** Rack runs at the club: layouts that are kept, racks with their plans and shots, surveys, proposals and chances worked out in the background, and the review over a student's racks. */
package amberrail.app.racks;
