package bravium.server;

import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What can be set from outside.
 *
 * @param data the folder of everything that is kept
 * @param commitTogether how many pieces of work are committed together at most
 * @param demo whether the demo data is laid in and its teacher signs in by one click
 * @param zone the school's time zone, such as {@code Europe/London}; null for the computer's own
 */
@ConfigurationProperties("bravium")
public record BraviumSettings(
    @DefaultValue("data") Path data,
    @DefaultValue("256") int commitTogether,
    @DefaultValue("false") boolean demo,
    @Nullable String zone) {}
