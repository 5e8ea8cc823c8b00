package bravium.server;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What can be set from outside.
 *
 * @param data the folder of everything that is kept
 * @param demo whether the demo data is laid in and its teacher signs in by one click
 */
@ConfigurationProperties("bravium")
public record BraviumSettings(
    @DefaultValue("data") Path data, @DefaultValue("false") boolean demo) {}
