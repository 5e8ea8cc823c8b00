/** The server: one package for each feature, each with its controller, service and repository. */
package bravium.server;
