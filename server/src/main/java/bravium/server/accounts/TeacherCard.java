package bravium.server.accounts;

/** A teacher as the one who looks after the server sees her. */
public record TeacherCard(long id, String name, boolean isKeeper) {}
