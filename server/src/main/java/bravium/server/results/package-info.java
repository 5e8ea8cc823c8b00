/**
 * Results: who played an activity and what was answered, and the marking of answers that only the
 * teacher can mark. What a game came to is kept when it ends; while it runs it is worked out from
 * its moves.
 */
package bravium.server.results;
