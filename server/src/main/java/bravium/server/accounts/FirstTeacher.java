package bravium.server.accounts;

import org.jspecify.annotations.Nullable;

/**
 * Who becomes the first teacher.
 *
 * @param code what the server printed when it was started
 */
record FirstTeacher(@Nullable String code, @Nullable String name, @Nullable String password) {}
