/**
 * Open formats in and out: the activity's own file, questions in tables and lists, registers, what
 * people paste. What an activity says is the core's, how it lies in a file or a list is this
 * package's.
 */
package bravium.formats;
