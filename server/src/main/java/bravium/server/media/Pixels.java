package bravium.server.media;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.view.FloatSize;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * The pixels of a kept picture: of one that moves its first frame, of a drawing what it draws,
 * without anything from elsewhere.
 */
final class Pixels {

  /** The longest side of a drawing's pixels. */
  private static final int LONGEST = 1_600;

  private Pixels() {}

  static BufferedImage of(MediumFile file) {
    try {
      return file.type().equals(MediumType.SVG.type()) ? drawn(file) : read(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static BufferedImage read(MediumFile file) throws IOException {
    try (ImageInputStream in = ImageIO.createImageInputStream(file.path().toFile())) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new IOException("no picture: " + file.name());
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in, true, true);
        return plain(reader.read(0));
      } finally {
        reader.dispose();
      }
    }
  }

  private static BufferedImage drawn(MediumFile file) throws IOException {
    try (InputStream in = Files.newInputStream(file.path())) {
      LoaderContext alone =
          LoaderContext.builder().externalResourcePolicy(ResourcePolicy.DENY_EXTERNAL).build();
      SVGDocument drawing = new SVGLoader().load(in, null, alone);
      if (drawing == null) {
        throw new IOException("no drawing: " + file.name());
      }
      FloatSize size = drawing.size();
      double scale = LONGEST / Math.max(1.0, Math.max(size.width, size.height));
      int width = Math.max(1, (int) Math.round(size.width * scale));
      int height = Math.max(1, (int) Math.round(size.height * scale));
      BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
      Graphics2D pen = picture.createGraphics();
      pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
      drawing.render((java.awt.Component) null, pen, new ViewBox(0, 0, width, height));
      pen.dispose();
      return picture;
    }
  }

  /** The same picture in plain red, green and blue, see-through where it was. */
  static BufferedImage plain(BufferedImage read) {
    int type =
        read.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB;
    BufferedImage plain = new BufferedImage(read.getWidth(), read.getHeight(), type);
    Graphics2D pen = plain.createGraphics();
    pen.drawImage(read, 0, 0, null);
    pen.dispose();
    return plain;
  }

  /** The picture on white paper. */
  static BufferedImage onPaper(BufferedImage picture) {
    if (picture.getType() == BufferedImage.TYPE_INT_RGB) {
      return picture;
    }
    BufferedImage paper =
        new BufferedImage(picture.getWidth(), picture.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = paper.createGraphics();
    pen.setColor(Color.WHITE);
    pen.fillRect(0, 0, paper.getWidth(), paper.getHeight());
    pen.drawImage(picture, 0, 0, null);
    pen.dispose();
    return paper;
  }
}
