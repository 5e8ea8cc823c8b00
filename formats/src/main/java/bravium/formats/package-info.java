/**
 * Open formats in and out. So far only the activity's own file; what it says is the core's, how it
 * lies in a file is this package's.
 */
package bravium.formats;
