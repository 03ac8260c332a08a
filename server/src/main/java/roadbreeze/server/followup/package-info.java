/**
 * What is looked at again after the work: planned from what was signed, due by date, distance, heat
 * cycles, oil life and hauls, done with readings or put off with a reason. Nothing is sent anywhere
 * by itself: who wants it in a calendar fetches it.
 */
package roadbreeze.server.followup;
