package bravium.server.media;

import bravium.core.rich.PicturePart;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Random;
import javax.imageio.ImageIO;

/** How long it takes to cut a large picture and to rate its pieces, beside unpacking it. */
public final class CutAndRate {

  private static final int WIDTH = 4_000;
  private static final int HEIGHT = 3_000;
  private static final int TURNS = 5;
  private static final int SIDE = 6;

  private CutAndRate() {}

  /** Both, in seconds: the best of a few turns. */
  public record Times(double unpacked, double cutAndRated) {}

  /** Measures with a picture of twelve megapixels. */
  public static Times measure(Path folder) throws IOException {
    Path file = folder.resolve("twelve.jpg");
    ImageIO.write(photo(), "jpg", file.toFile());
    MediumFile medium = new MediumFile("0".repeat(64), "image/jpeg", "jpg", file);
    double unpacked = Double.MAX_VALUE;
    double cut = Double.MAX_VALUE;
    for (int i = 0; i < TURNS; i++) {
      long begin = System.nanoTime();
      BufferedImage picture = Pixels.of(medium);
      long middle = System.nanoTime();
      Pieces.detail(picture);
      for (int piece = 0; piece < SIDE * SIDE; piece++) {
        int x = piece % SIDE * 1_000 / SIDE;
        int y = piece / SIDE * 1_000 / SIDE;
        Pieces.cut(picture, new PicturePart("", x, y, 1_000 / SIDE, 1_000 / SIDE));
      }
      unpacked = Math.min(unpacked, (middle - begin) / 1e9);
      cut = Math.min(cut, (System.nanoTime() - middle) / 1e9);
    }
    return new Times(unpacked, cut);
  }

  /** Blotches and noise, as a camera makes them. */
  private static BufferedImage photo() {
    Random random = new Random(1);
    BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        int grey = (x / 97 * 31 + y / 83 * 17) % 200 + random.nextInt(40);
        picture.setRGB(x, y, grey << 16 | grey << 8 | 255 - grey);
      }
    }
    return picture;
  }
}
