package bravium.server.accounts;

/**
 * A teacher.
 *
 * @param id the row's number; not for the browser
 * @param isKeeper whether she looks after this server: the first teacher, who adds the others
 */
public record Teacher(long id, String name, boolean isKeeper) {}
