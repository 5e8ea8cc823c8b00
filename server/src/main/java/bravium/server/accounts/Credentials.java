package bravium.server.accounts;

/** A name and a password, as they were typed. */
record Credentials(String name, String password) {}
