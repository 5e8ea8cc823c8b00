package bravium.server.accounts;

import org.jspecify.annotations.Nullable;

/**
 * What the front end has to know first.
 *
 * @param teacher the name of who is signed in; null for nobody
 * @param isKeeper whether she looks after this server and adds the other teachers
 * @param hasPassword whether she signs in by a password, which she can change
 * @param covers whether somebody covers for a teacher in this session; then there is no teacher
 * @param demo whether one click signs in
 * @param firstStart whether there is no teacher yet, so that the first one is asked for
 */
public record SessionInfo(
    @Nullable String teacher,
    boolean isKeeper,
    boolean hasPassword,
    boolean covers,
    boolean demo,
    boolean firstStart) {}
