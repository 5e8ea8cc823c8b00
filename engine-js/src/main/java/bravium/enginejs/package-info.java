/**
 * The core's engine as the browser calls it: texts in, texts out, in the one JSON of the format. No
 * rule lives here.
 */
package bravium.enginejs;
