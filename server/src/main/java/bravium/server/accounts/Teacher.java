package bravium.server.accounts;

import java.io.Serializable;

/**
 * The teacher who is signed in.
 *
 * @param id the row's number; not for the browser
 */
public record Teacher(long id, String name) implements Serializable {}
