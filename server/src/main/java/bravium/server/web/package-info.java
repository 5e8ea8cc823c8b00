/**
 * Serving the front end: its files, and its first page for every address that is the front end's.
 */
package bravium.server.web;
