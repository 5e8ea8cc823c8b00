/** The benchmark: what it measures, and the figures of the same run beside which each stands. */
package bravium.bench;
