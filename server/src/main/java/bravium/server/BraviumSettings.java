package bravium.server;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.util.List;
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
 * @param address the address of this computer at which it is reached; null for all there are, or in
 *     a demo for this computer alone
 * @param proxies the addresses of reverse proxies before it; what they say of whom they stand for,
 *     and nobody else, is believed
 * @param version the version of this release
 */
@ConfigurationProperties("bravium")
public record BraviumSettings(
    @DefaultValue("data") Path data,
    @DefaultValue("256") int commitTogether,
    @DefaultValue("false") boolean demo,
    @Nullable String zone,
    @Nullable String address,
    @DefaultValue List<String> proxies,
    @DefaultValue("unknown") String version) {

  /** The address to listen at; null for all. */
  public @Nullable InetAddress listensAt() {
    if (address != null && !address.isBlank()) {
      return addressOf(address);
    }
    // Whoever reaches a demo is its teacher.
    return demo ? InetAddress.getLoopbackAddress() : null;
  }

  /**
   * An address as it was written.
   *
   * @throws IllegalArgumentException if it is none
   */
  public static InetAddress addressOf(String text) {
    try {
      return InetAddress.getByName(text.strip());
    } catch (UnknownHostException e) {
      throw new IllegalArgumentException(
          "“" + text + "” is no address of a computer that is known here", e);
    }
  }
}
