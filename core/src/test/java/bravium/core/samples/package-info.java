/** Random activities and random plays for property tests and for the parity test. */
package bravium.core.samples;
