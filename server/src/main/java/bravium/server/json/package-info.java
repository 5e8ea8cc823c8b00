/** The bridge between Spring's JSON and the core's: the core's types are read and written by it. */
package bravium.server.json;
