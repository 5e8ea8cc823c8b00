package bravium.server.accounts;

/**
 * Somebody may no longer do what she could: she signed out, has another password, was removed; a
 * class was handed over, a cover withdrawn. What goes on without a request looks anew whether it
 * may.
 */
public record RightsChanged() {}
