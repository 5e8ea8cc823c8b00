/**
 * Results: who played an activity and what was answered, and the marking of answers that only the
 * teacher can mark. All of it is worked out from the sittings' moves when it is asked for.
 */
package bravium.server.results;
