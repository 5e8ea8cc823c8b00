package bravium.server.activities;

import java.time.Instant;

/** The answer to a save. */
public record Saved(int version, Instant savedAt) {}
