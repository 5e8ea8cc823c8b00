package bravium.server.media;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.jspecify.annotations.Nullable;

/**
 * A picture of pixels, read and written anew: upright, no larger than a screen needs, and with
 * nothing in it but the picture. Its size is read before any of it is unpacked.
 */
final class PictureFile {

  /** The longest side of a kept picture, in pixels: sharp on a projector, and zoomed. */
  static final int LONGEST = 2_000;

  /** The longest side of its small picture. */
  static final int SMALL = 400;

  /** From so many pixels on, only every second or third is read. */
  private static final long READ_WHOLE = 12_000_000;

  private static final double QUALITY = 0.88;

  private PictureFile() {}

  /**
   * Prepares a picture.
   *
   * @throws bravium.server.problems.Problem if it is damaged or has too many pixels
   */
  static Prepared prepare(Path file, MediumType type, MediaFiles files) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
      ImageReader reader = reader(in);
      if (reader == null) {
        throw MediumRefusal.damaged();
      }
      try {
        return prepare(file, reader, type, files);
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      throw e instanceof bravium.server.problems.Problem problem
          ? problem
          : MediumRefusal.damaged();
    }
  }

  private static @Nullable ImageReader reader(ImageInputStream in) {
    Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
    if (!readers.hasNext()) {
      return null;
    }
    ImageReader reader = readers.next();
    // Text and profiles beside the picture may unpack to anything: they are passed over.
    reader.setInput(in, true, true);
    return reader;
  }

  private static Prepared prepare(Path file, ImageReader reader, MediumType type, MediaFiles files)
      throws IOException {
    long width = reader.getWidth(0);
    long height = reader.getHeight(0);
    if (width * height > type.mostMegapixels() * 1_000_000L) {
      throw MediumRefusal.tooManyPixels(width, height, type.mostMegapixels());
    }
    if (type == MediumType.JPEG && JpegScans.tooMany(file)) {
      throw MediumRefusal.tooMuchIn();
    }
    if (type == MediumType.GIF) {
      Path plain = files.fresh();
      GifCopy.write(file, plain);
      BufferedImage first = Pixels.plain(reader.read(0));
      return Prepared.picture(
          type, plain, small(first, files), first.getWidth(), first.getHeight());
    }
    BufferedImage picture = fitted(upright(read(reader, width, height), file, type), LONGEST);
    boolean photo = type == MediumType.JPEG || type == MediumType.WEBP && !clear(picture);
    MediumType kept = photo ? MediumType.JPEG : MediumType.PNG;
    Path written = files.fresh();
    write(picture, kept, written);
    return Prepared.picture(
        kept, written, small(picture, files), picture.getWidth(), picture.getHeight());
  }

  private static BufferedImage read(ImageReader reader, long width, long height)
      throws IOException {
    ImageReadParam how = reader.getDefaultReadParam();
    int step = 1;
    while (width * height / ((long) step * step) > READ_WHOLE
        && Math.max(width, height) / (step + 1) >= LONGEST) {
      step++;
    }
    how.setSourceSubsampling(step, step, 0, 0);
    return Pixels.plain(reader.read(0, how));
  }

  /** Turned as the camera noted it (Exif 2.32, tag Orientation). */
  private static BufferedImage upright(BufferedImage picture, Path file, MediumType type)
      throws IOException {
    if (type != MediumType.JPEG) {
      return picture;
    }
    try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
      ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
      try {
        reader.setInput(in, true, false);
        Orientation noted = ExifUtils.getExifOrientation(reader, 0);
        return noted == null
            ? picture
            : ExifFilterUtils.getFilterForOrientation(noted).apply(picture);
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      return picture;
    }
  }

  private static BufferedImage fitted(BufferedImage picture, int longest) throws IOException {
    return Math.max(picture.getWidth(), picture.getHeight()) <= longest
        ? picture
        : Thumbnails.of(picture).size(longest, longest).asBufferedImage();
  }

  private static @Nullable Path small(BufferedImage picture, MediaFiles files) throws IOException {
    if (Math.max(picture.getWidth(), picture.getHeight()) <= SMALL) {
      return null;
    }
    Path file = files.fresh();
    BufferedImage fitted = fitted(picture, SMALL);
    write(fitted, clear(fitted) ? MediumType.PNG : MediumType.JPEG, file);
    return file;
  }

  private static boolean clear(BufferedImage picture) {
    return picture.getColorModel().hasAlpha();
  }

  static void write(BufferedImage picture, MediumType type, Path file) throws IOException {
    var written = Thumbnails.of(picture).scale(1).outputFormat(type.ending());
    if (type == MediumType.JPEG) {
      written.outputQuality(QUALITY);
    }
    try (var out = Files.newOutputStream(file)) {
      written.toOutputStream(out);
    }
  }
}
