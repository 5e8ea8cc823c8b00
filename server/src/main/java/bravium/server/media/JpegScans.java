package bravium.server.media;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * How many scans a JPEG has (ITU-T T.81, B.1.1: markers; B.2.3: scan header). A progressive one has
 * about ten; each is decoded over the whole picture, so that a small file of a thousand takes
 * minutes.
 */
final class JpegScans {

  /** More than any program writes; a baseline picture in four colours has four. */
  static final int MOST = 40;

  private static final int MARKER = 0xff;
  private static final int START_OF_SCAN = 0xda;

  private JpegScans() {}

  /** Whether a file has more scans than {@value #MOST}. */
  static boolean tooMany(Path file) throws IOException {
    int scans = 0;
    try (InputStream in = new BufferedInputStream(Files.newInputStream(file), 1 << 16)) {
      int before = 0;
      for (int now = in.read(); now >= 0; now = in.read()) {
        // Within a scan's data a marker's first byte is followed by a zero.
        scans += before == MARKER && now == START_OF_SCAN ? 1 : 0;
        if (scans > MOST) {
          return true;
        }
        before = now;
      }
    }
    return false;
  }
}
