/**
 * The annotation processor that writes the JSON codec of the core's records while they are
 * compiled. Nothing of it is there at run time; what the written code stands on lives in {@code
 * bravium.core.json}.
 */
package bravium.codec;
