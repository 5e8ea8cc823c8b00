import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayInputStream;
import java.io.File;
import java.io.OutputStream;
import java.util.List;
import java.util.Random;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/**
 * Draws the clips of Bravium's own video library, frame by frame, and hands them to ffmpeg:
 *
 * <pre>java server/src/clips/Clips.java FOLDER</pre>
 *
 * Needs ffmpeg with libx264, libvpx-vp9 and libopus. The clips that ship are committed; this is
 * how they were made.
 */
public final class Clips {

  private static final int WIDTH = 640;
  private static final int HEIGHT = 360;
  private static final int RATE = 24;

  private static final Color PAPER = new Color(0xFBF8F1);
  private static final Color INK = new Color(0x1B2B34);
  private static final Color PETROL = new Color(0x0F5E6B);
  private static final Color SAFFRON = new Color(0xE8A317);
  private static final Color LEAF = new Color(0x2F7D4F);
  private static final Color BRICK = new Color(0xA8402D);
  private static final Color WOOD = new Color(0xC9A26B);
  private static final Color WAX = new Color(0xF3D98B);
  private static final Color MILK = new Color(0xFFFDF4);

  private interface Scene {
    void draw(Graphics2D g, double second);
  }

  private record Clip(String name, int seconds, boolean webm, double poster, Scene scene) {}

  private static final List<Clip> CLIPS =
      List.of(
          new Clip("a-morning-at-the-hive", 48, false, 20, Clips::morning),
          new Clip("the-waggle-dance", 36, true, 14, Clips::dance),
          new Clip("from-flower-to-jar", 40, false, 6, Clips::jar),
          new Clip("three-weeks-in-a-cell", 36, true, 12, Clips::cell));

  public static void main(String[] arguments) throws Exception {
    System.setProperty("java.awt.headless", "true");
    File folder = new File(arguments[0]);
    for (Clip clip : CLIPS) {
      make(clip, folder);
    }
  }

  private static void make(Clip clip, File folder) throws Exception {
    File sound = File.createTempFile("clip", ".wav");
    tones(clip, sound);
    String end = clip.webm ? ".webm" : ".mp4";
    File made = new File(folder, clip.name + end);
    List<String> coded =
        clip.webm
            ? List.of("-c:v", "libvpx-vp9", "-crf", "36", "-b:v", "0", "-c:a", "libopus", "-b:a", "32k")
            : List.of("-c:v", "libx264", "-preset", "slow", "-crf", "26", "-c:a", "aac", "-b:a", "48k",
                "-movflags", "+faststart");
    List<String> command = new java.util.ArrayList<>(List.of("ffmpeg", "-y", "-loglevel", "error",
        "-f", "rawvideo", "-pix_fmt", "bgr24", "-s", WIDTH + "x" + HEIGHT, "-r", "" + RATE, "-i", "-",
        "-i", sound.getPath(), "-pix_fmt", "yuv420p", "-g", "48", "-shortest"));
    command.addAll(coded);
    command.add(made.getPath());
    Process ffmpeg =
        new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.INHERIT).start();
    try (OutputStream out = ffmpeg.getOutputStream()) {
      for (int frame = 0; frame < clip.seconds * RATE; frame++) {
        out.write(((DataBufferByte) drawn(clip, frame / (double) RATE).getRaster().getDataBuffer()).getData());
      }
    }
    if (ffmpeg.waitFor() != 0) {
      throw new IllegalStateException("ffmpeg made nothing of " + clip.name);
    }
    javax.imageio.ImageIO.write(
        drawn(clip, clip.poster), "png", new File(folder, clip.name + ".png"));
    System.out.println(made + " " + made.length() / 1024 + " KB");
  }

  private static BufferedImage drawn(Clip clip, double second) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.setColor(PAPER);
    g.fillRect(0, 0, WIDTH, HEIGHT);
    clip.scene.draw(g, second);
    g.dispose();
    return image;
  }

  /** Soft single tones, a fifth and an octave apart, with a hum below them. */
  private static void tones(Clip clip, File file) throws Exception {
    int rate = 24_000;
    byte[] samples = new byte[clip.seconds * rate * 2];
    Random random = new Random(clip.name.hashCode());
    double[] scale = {220, 247.5, 275, 330, 371.25, 440};
    double next = 0;
    double since = 0;
    double tone = scale[0];
    for (int i = 0; i < samples.length / 2; i++) {
      double t = i / (double) rate;
      if (t >= next) {
        since = t;
        tone = scale[random.nextInt(scale.length)];
        next = t + 0.75 * (1 + random.nextInt(2));
      }
      double fade = Math.exp(-3 * (t - since)) * Math.min(1, (t - since) * 80);
      double hum = 0.015 * Math.sin(2 * Math.PI * 110 * t) * (1 + 0.3 * Math.sin(5 * t));
      double edge = Math.min(1, Math.min(t, clip.seconds - t));
      double value = edge * (hum + 0.10 * fade * Math.sin(2 * Math.PI * tone * t));
      short sample = (short) (value * 32_000);
      samples[2 * i] = (byte) sample;
      samples[2 * i + 1] = (byte) (sample >> 8);
    }
    AudioFormat format = new AudioFormat(rate, 16, 1, true, false);
    try (AudioInputStream in =
        new AudioInputStream(new ByteArrayInputStream(samples), format, samples.length / 2)) {
      AudioSystem.write(in, AudioFileFormat.Type.WAVE, file);
    }
  }

  // What is drawn.

  private static double part(double second, double from, double to) {
    double at = Math.clamp((second - from) / (to - from), 0, 1);
    return at * at * (3 - 2 * at);
  }

  private static Color between(Color a, Color b, double share) {
    return new Color(
        (int) (a.getRed() + (b.getRed() - a.getRed()) * share),
        (int) (a.getGreen() + (b.getGreen() - a.getGreen()) * share),
        (int) (a.getBlue() + (b.getBlue() - a.getBlue()) * share));
  }

  private static void dot(Graphics2D g, Color colour, double x, double y, double radius) {
    g.setColor(colour);
    g.fill(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius));
  }

  private static void words(Graphics2D g, String text, double x, double y, int size, Color colour) {
    g.setColor(colour);
    g.setFont(new Font(Font.SANS_SERIF, Font.BOLD, size));
    int width = g.getFontMetrics().stringWidth(text);
    g.drawString(text, (float) (x - width / 2.0), (float) y);
  }

  private static void shown(Graphics2D g, double share, Runnable drawing) {
    if (share > 0) {
      g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) Math.min(1, share)));
      drawing.run();
      g.setComposite(AlphaComposite.SrcOver);
    }
  }

  /** A bee from the side, looking where it turns, its wings above; they beat. */
  private static void bee(Graphics2D g, double x, double y, double size, double turn, double second) {
    AffineTransform before = g.getTransform();
    g.translate(x, y);
    boolean left = Math.cos(turn) < -0.7;
    g.rotate(left ? turn - Math.PI : turn);
    g.scale(left ? -size : size, size);
    double beat = Math.sin(second * 60) * 0.5;
    g.setColor(new Color(0x99BFD8DE, true));
    for (int wing = 0; wing < 2; wing++) {
      AffineTransform body = g.getTransform();
      g.rotate(-1.0 - wing * 0.5 + beat, 0, -5);
      g.fill(new Ellipse2D.Double(-2, -20, 8, 18));
      g.setTransform(body);
    }
    g.setColor(SAFFRON);
    g.fill(new Ellipse2D.Double(-14, -7, 24, 14));
    g.setColor(INK);
    g.setStroke(new BasicStroke(2.6f));
    for (double stripe : new double[] {-8, -2.5, 3}) {
      g.draw(new java.awt.geom.Line2D.Double(stripe, -6, stripe, 6));
    }
    g.fill(new Ellipse2D.Double(6, -5.5, 11, 11));
    g.setStroke(new BasicStroke(1.2f));
    g.draw(new java.awt.geom.QuadCurve2D.Double(14, -4, 18, -10, 21, -9));
    dot(g, PAPER, 13, -1.5, 1.5);
    g.setTransform(before);
  }

  private static void flower(Graphics2D g, double x, double y, double size, Color colour) {
    g.setColor(LEAF);
    g.setStroke(new BasicStroke((float) (2.5 * size)));
    g.draw(new java.awt.geom.QuadCurve2D.Double(x, y, x + 4 * size, y + 20 * size, x, y + 42 * size));
    for (int petal = 0; petal < 6; petal++) {
      double angle = petal * Math.PI / 3;
      dot(g, colour, x + 9 * size * Math.cos(angle), y + 9 * size * Math.sin(angle), 6.5 * size);
    }
    dot(g, SAFFRON, x, y, 5.5 * size);
  }

  private static void hive(Graphics2D g, double x, double y) {
    g.setColor(between(WOOD, INK, 0.35));
    g.fill(new RoundRectangle2D.Double(x - 66, y + 96, 10, 26, 2, 2));
    g.fill(new RoundRectangle2D.Double(x + 56, y + 96, 10, 26, 2, 2));
    for (int box = 0; box < 3; box++) {
      g.setColor(between(WOOD, PAPER, 0.12 * (2 - box)));
      g.fill(new RoundRectangle2D.Double(x - 70, y + 32 * box, 140, 31, 4, 4));
      g.setColor(between(WOOD, INK, 0.45));
      g.setStroke(new BasicStroke(1.6f));
      g.draw(new RoundRectangle2D.Double(x - 70, y + 32 * box, 140, 31, 4, 4));
      g.draw(new java.awt.geom.Line2D.Double(x - 14, y + 32 * box + 13, x + 14, y + 32 * box + 13));
    }
    g.setColor(PETROL);
    g.fill(new RoundRectangle2D.Double(x - 78, y - 12, 156, 14, 5, 5));
    g.setColor(INK);
    g.fill(new RoundRectangle2D.Double(x - 34, y + 88, 68, 8, 3, 3));
    g.setColor(between(WOOD, PAPER, 0.3));
    g.fill(new RoundRectangle2D.Double(x - 48, y + 97, 96, 6, 3, 3));
  }

  private static void meadow(Graphics2D g, double light) {
    g.setColor(between(new Color(0x2B4250), new Color(0xDDEFF2), light));
    g.fillRect(0, 0, WIDTH, 250);
    g.setColor(between(new Color(0x21473A), new Color(0xB9D8A6), light));
    Path2D hill = new Path2D.Double();
    hill.moveTo(0, 236);
    hill.curveTo(160, 200, 330, 250, 640, 214);
    hill.lineTo(640, 360);
    hill.lineTo(0, 360);
    hill.closePath();
    g.fill(hill);
  }

  private static void morning(Graphics2D g, double t) {
    double light = part(t, 0, 11);
    meadow(g, light);
    dot(g, between(new Color(0xF0C987), SAFFRON, light), 540, 236 - 170 * part(t, 1, 22), 30);
    g.setColor(between(new Color(0x21473A), new Color(0xA9CD94), light));
    g.fillRect(0, 250, WIDTH, 110);
    Random random = new Random(7);
    for (int i = 0; i < 13; i++) {
      double x = 300 + random.nextInt(330);
      double y = 262 + random.nextInt(50);
      Color colour = i % 3 == 0 ? new Color(0xB9A3D6) : i % 3 == 1 ? new Color(0xF1EDE0) : new Color(0xD98C8C);
      flower(g, x, y, 0.75, between(between(colour, INK, 0.6), colour, light));
    }
    hive(g, 150, 170);
    g.setColor(new Color(0x8FBFCB));
    g.fill(new Ellipse2D.Double(30, 316, 120, 26));
    // The guards at the entrance.
    if (t > 8) {
      bee(g, 120 + 3 * Math.sin(t), 262, 0.7, 0, t);
      bee(g, 182 + 3 * Math.cos(t), 262, 0.7, Math.PI, t);
    }
    // Foragers leave, one after another, and come back laden.
    for (int i = 0; i < 6; i++) {
      double out = part(t, 13 + 1.6 * i, 18 + 1.6 * i);
      double home = part(t, 31 + 1.2 * i, 37 + 1.2 * i);
      if (out <= 0 || home >= 1) {
        continue;
      }
      double far = out - home;
      double x = 150 + far * (200 + 45 * i);
      double y = 266 - Math.sin(far * Math.PI) * (90 + 10 * i) + far * (6 + 5 * (i % 3));
      bee(g, x, y + 4 * Math.sin(9 * t + i), 0.85, home > 0 ? Math.PI : 0, t);
      if (home > 0) {
        dot(g, SAFFRON, x + 3, y + 10, 4);
      }
    }
    // One fetches water.
    double water = part(t, 24, 27) - part(t, 30, 33);
    if (water > 0) {
      bee(g, 150 - 60 * water, 266 + 54 * water, 0.8, Math.PI, t);
    }
    shown(g, part(t, 42, 44), () -> words(g, "Home before noon", 320, 60, 30, INK));
    shown(g, 1 - part(t, 3, 4.5), () -> words(g, "A morning at the hive", 320, 70, 34, MILK));
  }

  private static void comb(Graphics2D g, Color wax, double size) {
    g.setColor(wax);
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setColor(between(wax, INK, 0.22));
    g.setStroke(new BasicStroke(2f));
    double step = size * Math.sqrt(3);
    for (int row = -1; row * size * 1.5 < HEIGHT + size; row++) {
      for (int column = -1; column * step < WIDTH + step; column++) {
        g.draw(hexagon(column * step + (row % 2 == 0 ? 0 : step / 2), row * size * 1.5, size - 1.5));
      }
    }
  }

  private static Path2D hexagon(double x, double y, double size) {
    Path2D hexagon = new Path2D.Double();
    for (int corner = 0; corner < 6; corner++) {
      double angle = Math.PI / 6 + corner * Math.PI / 3;
      double cx = x + size * Math.cos(angle);
      double cy = y + size * Math.sin(angle);
      if (corner == 0) {
        hexagon.moveTo(cx, cy);
      } else {
        hexagon.lineTo(cx, cy);
      }
    }
    hexagon.closePath();
    return hexagon;
  }

  /** The straight run points 40 degrees to the right of straight up. */
  private static void dance(Graphics2D g, double t) {
    comb(g, WAX, 24);
    double tilt = Math.toRadians(40);
    if (t < 24) {
      g.setColor(new Color(0x66FFFFFF, true));
      g.setStroke(new BasicStroke(10, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
      Path2D trace = new Path2D.Double();
      for (double back = 3; back >= 0; back -= 0.05) {
        double[] at = danced(Math.max(0, t - back), tilt);
        if (back == 3) {
          trace.moveTo(at[0], at[1]);
        } else {
          trace.lineTo(at[0], at[1]);
        }
      }
      g.draw(trace);
      for (int i = 0; i < 4; i++) {
        double angle = i * 1.5 + 0.3;
        bee(g, 320 + 190 * Math.cos(angle), 180 + 120 * Math.sin(angle), 1.1, angle + Math.PI, t * 0.05);
      }
      double[] at = danced(t, tilt);
      bee(g, at[0], at[1], 1.6, at[2], t);
      shown(g, 1 - part(t, 3, 4.5), () -> words(g, "The waggle dance", 320, 52, 34, INK));
    } else {
      g.setColor(PAPER);
      g.fill(new RoundRectangle2D.Double(60, 30, 520, 300, 14, 14));
      dot(g, SAFFRON, 320, 84, 24);
      g.setColor(INK);
      g.setStroke(new BasicStroke(2f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND, 1, new float[] {6, 7}, 0));
      g.draw(new java.awt.geom.Line2D.Double(320, 290, 320, 114));
      double share = part(t, 26, 29);
      double x = 320 + 190 * share * Math.sin(tilt);
      double y = 290 - 190 * share * Math.cos(tilt);
      g.setStroke(new BasicStroke(4f));
      g.setColor(PETROL);
      g.draw(new java.awt.geom.Line2D.Double(320, 290, x, y));
      bee(g, x, y, 1.1, tilt - Math.PI / 2, t);
      flower(g, 320 + 230 * Math.sin(tilt), 290 - 230 * Math.cos(tilt), 1, new Color(0xB9A3D6));
      dot(g, WOOD, 320, 290, 12);
      shown(g, part(t, 29, 31), () -> words(g, "40°", 348, 200, 26, INK));
    }
  }

  /** Where the dancer is, and which way she looks: a straight run, a loop, another run and loop. */
  private static double[] danced(double t, double tilt) {
    double round = 4.0;
    double at = t % round / round;
    boolean right = (int) (t / round) % 2 == 0;
    double x;
    double y;
    double turn;
    if (at < 0.4) {
      double run = at / 0.4;
      double shake = 7 * Math.sin(t * 26);
      x = shake;
      y = 70 - 140 * run;
      turn = -Math.PI / 2 + 0.25 * Math.sin(t * 26);
    } else {
      double loop = (at - 0.4) / 0.6 * Math.PI;
      double side = right ? 1 : -1;
      x = side * 78 * Math.sin(loop);
      y = -70 * Math.cos(loop);
      turn = -Math.PI / 2 + side * loop * 1.0 + side * 0.6;
    }
    double c = Math.cos(tilt);
    double s = Math.sin(tilt);
    return new double[] {320 + c * x - s * y, 180 + s * x + c * y, turn + tilt};
  }

  private static void jar(Graphics2D g, double t) {
    if (t < 12) {
      meadow(g, 1);
      flower(g, 420, 150, 4, new Color(0xB9A3D6));
      double there = part(t, 2, 5);
      bee(g, 60 + 300 * there, 90 + 48 * there + 5 * Math.sin(6 * t) * (1 - there), 2.4, 0, t);
      shown(g, part(t, 6, 7), () -> {
        g.setColor(SAFFRON);
        g.fill(new Ellipse2D.Double(316, 140, 12 + 10 * part(t, 6, 11), 9 + 8 * part(t, 6, 11)));
      });
      shown(g, 1 - part(t, 2, 3.5), () -> words(g, "From flower to jar", 320, 50, 34, INK));
    } else if (t < 28) {
      comb(g, WAX, 46);
      for (int i = 0; i < 6; i++) {
        double step = 46 * Math.sqrt(3);
        double x = 160 + i % 3 * step + (i / 3 == 1 ? step / 2 : 0);
        double y = 138 + (i / 3) * 69;
        double filled = part(t, 13 + i, 16 + i);
        g.setColor(between(WAX, SAFFRON, filled));
        g.fill(hexagon(x, y, 44 * Math.max(0.2, filled)));
        shown(g, part(t, 22 + 0.7 * i, 23.5 + 0.7 * i), () -> {
          g.setColor(MILK);
          g.fill(hexagon(x, y, 44));
        });
      }
      if (t < 21) {
        bee(g, 120 + 40 * (t - 12), 80 + 12 * Math.sin(3 * t), 2, 0.3, t);
      } else {
        bee(g, 460, 230, 2, Math.PI, t);
        bee(g, 480, 120, 2, Math.PI, t + 1);
      }
    } else {
      g.setColor(between(WOOD, PAPER, 0.5));
      g.fillRect(0, 270, WIDTH, 90);
      double full = part(t, 29, 36);
      g.setColor(SAFFRON);
      g.fill(new RoundRectangle2D.Double(252, 282 - 150 * full, 136, 150 * full + 2, 14, 14));
      if (full < 1) {
        g.fill(new RoundRectangle2D.Double(314, 20, 12, 262 - 150 * full, 6, 6));
      }
      g.setColor(INK);
      g.setStroke(new BasicStroke(4f));
      g.draw(new RoundRectangle2D.Double(248, 112, 144, 174, 22, 22));
      shown(g, part(t, 36, 37), () -> {
        g.setColor(PETROL);
        g.fill(new RoundRectangle2D.Double(244, 96, 152, 26, 8, 8));
        g.setColor(PAPER);
        g.fill(new RoundRectangle2D.Double(270, 178, 100, 56, 6, 6));
        words(g, "Honey", 320, 214, 22, INK);
      });
    }
  }

  private static void cell(Graphics2D g, double t) {
    comb(g, between(WAX, INK, 0.15), 30);
    g.setColor(WAX);
    g.fill(hexagon(320, 186, 150));
    g.setColor(between(WAX, INK, 0.4));
    g.setStroke(new BasicStroke(6f));
    g.draw(hexagon(320, 186, 150));
    double day = Math.clamp(1 + (t - 3) / 1.5, 1, 21);
    if (day < 4) {
      g.setColor(MILK);
      AffineTransform before = g.getTransform();
      g.rotate(0.25, 320, 200);
      g.fill(new RoundRectangle2D.Double(310, 172, 18, 62, 18, 18));
      g.setTransform(before);
    } else if (day < 10) {
      double size = 34 + 9 * (day - 4);
      g.setColor(MILK);
      g.setStroke(new BasicStroke((float) (size / 2.2), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
      g.draw(new java.awt.geom.Arc2D.Double(320 - size, 192 - size, 2 * size, 2 * size, 40, 250, java.awt.geom.Arc2D.OPEN));
    } else if (day < 20.6) {
      double grown = part(day, 11, 20);
      g.setColor(between(MILK, WOOD, grown));
      g.fill(new Ellipse2D.Double(262, 150, 84, 74));
      g.fill(new Ellipse2D.Double(330, 158, 56, 58));
      g.setColor(between(MILK, INK, grown));
      dot(g, between(between(WOOD, MILK, 0.5), BRICK, grown), 366, 180, 7);
      g.setStroke(new BasicStroke(4f));
      for (int stripe = 0; stripe < 3; stripe++) {
        g.draw(new java.awt.geom.Line2D.Double(280 + 18 * stripe, 160, 280 + 18 * stripe, 214));
      }
      shown(g, 0.55 * part(day, 10, 10.4), () -> {
        g.setColor(WOOD);
        g.fill(hexagon(320, 186, 147));
      });
    } else {
      bee(g, 320, 190, 5, 0, t > 34 ? t : 0);
    }
    g.setColor(PAPER);
    g.fill(new RoundRectangle2D.Double(24, 24, 126, 56, 12, 12));
    words(g, "Day " + (int) day, 87, 62, 26, INK);
    String stage = day < 4 ? "egg" : day < 10 ? "larva" : day < 20.6 ? "pupa" : "worker bee";
    words(g, stage, 87, 104, 22, INK);
    shown(g, 1 - part(t, 2, 3), () -> words(g, "Three weeks in a cell", 400, 40, 30, INK));
  }
}
