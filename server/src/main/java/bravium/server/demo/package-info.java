/** The demo data: ordinary activity files, laid into an empty data folder, and their teacher. */
package bravium.server.demo;
