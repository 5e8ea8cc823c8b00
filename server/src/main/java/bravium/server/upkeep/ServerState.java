package bravium.server.upkeep;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How the server is, for the one who looks after it.
 *
 * @param version of this release
 * @param newestCopy the day of the newest copy, as in {@code 2026-11-23}, with its time where it
 *     was made by hand, as in {@code 2026-11-23T14:05}; null for none yet
 * @param news what she has to know, in sentences; empty while all is well
 */
record ServerState(String version, @Nullable String newestCopy, List<String> news) {}
