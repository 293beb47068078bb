/** What is worked out for each set-up of core, once: kept by the hash of its content, shipped for the shipped drills, the rest by one background worker. */
package amberrail.app.setups;
