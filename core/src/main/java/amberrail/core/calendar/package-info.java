/** What stands in a club's calendar: on which days it happens, when that is on any clock, and what lies across what. */
package amberrail.core.calendar;
