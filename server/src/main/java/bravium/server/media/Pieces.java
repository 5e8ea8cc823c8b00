package bravium.server.media;

import bravium.core.measure.DetailMap;
import bravium.core.measure.DetailMeter;
import bravium.core.question.Spot;
import bravium.core.rich.PicturePart;
import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;

/**
 * Pieces of pictures for those who are not to have the whole, and how much there is to see where. A
 * piece is cut once and kept beside its picture; in its file there is nothing but its pixels.
 */
@Component
class Pieces {

  private static final int MOST_MAPS = 500;

  private static final int LONGEST_ENDING = 100;

  /** What stands where nothing may be seen. */
  private static final Color BLANK = new Color(0xd9, 0xd3, 0xc4);

  private final MediaFiles files;

  /** Unpacked pictures are large: one at a time. */
  private final LongWork pictures;

  private final Cache<String, DetailMap> maps =
      Caffeine.newBuilder().maximumSize(MOST_MAPS).build();

  Pieces(MediaFiles files, @Qualifier(Pools.PICTURES) LongWork pictures) {
    this.files = files;
    this.pictures = pictures;
  }

  /** A piece of a picture. */
  MediumFile piece(MediumFile whole, PicturePart part) {
    Path kept = files.beside(whole.name(), ending(part.name().substring(whole.name().length())));
    boolean photo = whole.type().equals(MediumType.JPEG.type());
    MediumType type = photo ? MediumType.JPEG : MediumType.PNG;
    if (!Files.exists(kept)) {
      try {
        MediaFiles.move(pictures.run(() -> written(whole, part, type)), kept);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return new MediumFile(part.name(), type.type(), type.ending(), kept);
  }

  private Path written(MediumFile whole, PicturePart part, MediumType type) throws IOException {
    Path written = files.fresh();
    PictureFile.write(cut(Pixels.of(whole), part), type, written);
    return written;
  }

  /** What tells a piece from others in the name of its file, which can't be of any length. */
  private static String ending(String piece) {
    return piece.length() <= LONGEST_ENDING
        ? piece
        : "~" + UUID.nameUUIDFromBytes(piece.getBytes(StandardCharsets.US_ASCII));
  }

  /** Its pixels alone, in a picture of their own. */
  static BufferedImage cut(BufferedImage picture, PicturePart part) {
    int left = pixel(part.x(), picture.getWidth());
    int top = pixel(part.y(), picture.getHeight());
    int right = Math.max(left + 1, edge(part.x() + part.width(), picture.getWidth()));
    int bottom = Math.max(top + 1, edge(part.y() + part.height(), picture.getHeight()));
    BufferedImage piece = Pixels.plain(picture.getSubimage(left, top, right - left, bottom - top));
    for (PicturePart.Hole hole : part.holes()) {
      blank(piece, hole, left, top, picture);
    }
    return piece;
  }

  /** Nothing is left of what a hole covers, not even its edge. */
  private static void blank(
      BufferedImage piece, PicturePart.Hole hole, int left, int top, BufferedImage picture) {
    int width = picture.getWidth();
    int height = picture.getHeight();
    int x = (int) ((long) hole.x() * width / Spot.WHOLE) - left;
    int y = (int) ((long) hole.y() * height / Spot.WHOLE) - top;
    int right = edge(hole.x() + hole.width(), width) + 1 - left;
    int bottom = edge(hole.y() + hole.height(), height) + 1 - top;
    Graphics2D paint = piece.createGraphics();
    paint.setComposite(AlphaComposite.Src);
    paint.setColor(BLANK);
    paint.fillRect(x, y, right - x, bottom - y);
    paint.dispose();
  }

  private static int pixel(int thousandths, int length) {
    return Math.min(length - 1, edge(thousandths, length));
  }

  private static int edge(int thousandths, int length) {
    return (int) (((long) thousandths * length + Spot.WHOLE / 2) / Spot.WHOLE);
  }

  /** How much there is to see in each part of a picture. */
  DetailMap detail(MediumFile picture) {
    return maps.get(picture.name(), name -> pictures.run(() -> detail(Pixels.of(picture))));
  }

  /** The same of pixels; what is see-through is seen on white paper. */
  static DetailMap detail(BufferedImage picture) {
    BufferedImage paper = Pixels.onPaper(picture);
    int width = paper.getWidth();
    DetailMeter meter = new DetailMeter(width, paper.getHeight());
    int[] row = new int[width];
    for (int y = 0; y < paper.getHeight(); y++) {
      meter.row(paper.getRGB(0, y, width, 1, row, 0, width));
    }
    return meter.map();
  }
}
