package bravium.server.data;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import org.springframework.stereotype.Component;

/**
 * The secret of this server, which lies beside the database, for what has to be this server's own:
 * HMAC-SHA-256 (RFC 2104).
 */
@Component
public final class ServerKey {

  private static final int BYTES = 32;

  private final byte[] key;

  ServerKey(DataFolder folder) {
    key = read(folder.wordsKey());
  }

  private static byte[] read(Path file) {
    try {
      if (Files.exists(file)) {
        return Files.readAllBytes(file);
      }
      byte[] fresh = new byte[BYTES];
      new SecureRandom().nextBytes(fresh);
      Files.write(file, fresh);
      OwnersAlone.restrict(file);
      return fresh;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The HMAC of a text, in hexadecimal digits. */
  public String hmac(String text) {
    return Codes.hmac(key, text);
  }
}
