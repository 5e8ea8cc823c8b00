package bravium.server.accounts;

/** The password there was, and the one there shall be. */
record PasswordChange(String old, String fresh) {}
