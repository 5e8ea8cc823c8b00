package bravium.server.activities;

import bravium.core.activity.Difference;
import java.time.Instant;
import java.util.List;

/**
 * An earlier version in the list of versions.
 *
 * @param changes what was done since the version before it that is still kept; empty for the first
 */
public record VersionCard(int version, Instant savedAt, List<Difference> changes) {}
