package bravium.server.sittings;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.ByteArrayOutputStream;
import java.util.Base64;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * How strokes are kept. A point lies close to the one before it: what is kept is how far it went,
 * in tenths, in as few bytes as that takes (a zigzag of sign and size, seven bits a byte), in
 * Base64. That is a third of what the numbers take, and is read without making a number of each
 * text.
 */
final class Ink {

  private static final JsonMapper JSON = new JsonMapper();
  private static final int NUMBERS = 3;
  private static final double TENTHS = 10;

  private Ink() {}

  /** A page as it is kept; of what was kept earlier the strokes have their points as numbers. */
  private record Kept(List<KeptStroke> strokes, boolean open) {}

  @JsonInclude(JsonInclude.Include.NON_NULL)
  private record KeptStroke(
      @Nullable String ink, double @Nullable [] points, boolean light, @Nullable String on) {}

  static String written(BesidePage page) {
    List<KeptStroke> strokes =
        page.strokes().stream()
            .map(one -> new KeptStroke(packed(one.points()), null, one.light(), one.on()))
            .toList();
    return JSON.writeValueAsString(new Kept(strokes, page.open()));
  }

  static BesidePage read(String document) {
    Kept kept = JSON.readValue(document, Kept.class);
    List<BesidePage.Stroke> strokes =
        kept.strokes().stream()
            .map(
                one ->
                    new BesidePage.Stroke(
                        one.ink() == null ? one.points() : unpacked(one.ink()),
                        one.light(),
                        one.on()))
            .toList();
    return new BesidePage(strokes, kept.open());
  }

  private static String packed(double[] points) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream(2 * points.length);
    int[] before = new int[NUMBERS];
    for (int i = 0; i < points.length; i++) {
      int now = (int) Math.round(points[i] * TENTHS);
      int step = now - before[i % NUMBERS];
      before[i % NUMBERS] = now;
      int left = step << 1 ^ step >> 31;
      while (left > 0x7f || left < 0) {
        bytes.write(left & 0x7f | 0x80);
        left >>>= 7;
      }
      bytes.write(left);
    }
    return Base64.getEncoder().encodeToString(bytes.toByteArray());
  }

  private static double[] unpacked(String ink) {
    byte[] bytes = Base64.getDecoder().decode(ink);
    int count = 0;
    for (byte one : bytes) {
      count += one >= 0 ? 1 : 0;
    }
    double[] points = new double[count];
    int[] before = new int[NUMBERS];
    int at = 0;
    for (int i = 0; i < count; i++) {
      int read = 0;
      int shift = 0;
      while (bytes[at] < 0) {
        read |= (bytes[at++] & 0x7f) << shift;
        shift += 7;
      }
      read |= bytes[at++] << shift;
      before[i % NUMBERS] += read >>> 1 ^ -(read & 1);
      points[i] = before[i % NUMBERS] / TENTHS;
    }
    return points;
  }
}
