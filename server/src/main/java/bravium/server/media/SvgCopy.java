package bravium.server.media;

import bravium.server.problems.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import org.jspecify.annotations.Nullable;

/**
 * Copies a drawing, and of it only what draws: shapes, text, colours, and pictures that are in the
 * file itself. Scripts, animations, foreign content, links and whatever would be fetched from
 * elsewhere are left behind. Source of the names: SVG 2 (W3C, 2018).
 */
final class SvgCopy {

  private static final String SVG = "http://www.w3.org/2000/svg";
  private static final String XLINK = "http://www.w3.org/1999/xlink";
  private static final int MOST_ELEMENTS = 50_000;
  private static final int DEEPEST = 100;
  private static final double LARGEST = 100_000;

  private static final Set<String> ELEMENTS =
      Set.of(
          """
          svg g defs symbol use path rect circle ellipse line polyline polygon \
          text tspan textPath title desc linearGradient radialGradient stop \
          clipPath mask pattern marker filter image style feBlend feColorMatrix \
          feComponentTransfer feComposite feConvolveMatrix feDiffuseLighting \
          feDisplacementMap feDistantLight feDropShadow feFlood feFuncA feFuncB \
          feFuncG feFuncR feGaussianBlur feMerge feMergeNode feMorphology \
          feOffset fePointLight feSpecularLighting feSpotLight feTile \
          feTurbulence switch\
          """
              .split(" "));

  private static final Pattern FETCHES =
      Pattern.compile("@import|javascript:|url\\s*\\(\\s*['\"]?\\s*[^#'\"\\s]");

  /** Whatever in a style is written like this is worked out by the browser. */
  private static final Pattern FUNCTION = Pattern.compile("([a-z-]+)\\s*\\(");

  /**
   * Those that fetch nothing: colours, transformations, numbers, selectors, and parts of its own.
   */
  private static final Set<String> HARMLESS =
      Set.of(
          """
          url rgb rgba hsl hsla hwb lab lch oklab oklch color color-mix matrix matrix3d translate \
          translatex translatey scale scalex scaley rotate skew skewx skewy calc min max clamp var \
          cubic-bezier steps not is where nth-child nth-of-type nth-last-child blur brightness \
          contrast drop-shadow grayscale hue-rotate invert opacity saturate sepia circle ellipse \
          inset polygon path rect and or media supports\
          """
              .split(" "));

  private static final Pattern INSIDE =
      Pattern.compile("data:image/(png|jpeg|gif|webp);base64,[A-Za-z0-9+/=\\s]*");

  private static final Pattern LENGTH = Pattern.compile("\\s*([0-9]*\\.?[0-9]+)(px)?\\s*");

  private final XMLStreamReader in;
  private final XMLStreamWriter out;
  private final Deque<Boolean> named = new ArrayDeque<>();
  private int elements;
  private double width;
  private double height;

  private SvgCopy(XMLStreamReader in, XMLStreamWriter out) {
    this.in = in;
    this.out = out;
  }

  /**
   * Copies a drawing.
   *
   * @throws bravium.server.problems.Problem if it is damaged, is no drawing, or is too large to
   *     draw
   */
  static Prepared prepare(Path file, MediaFiles files) throws IOException {
    XMLInputFactory reading = XMLInputFactory.newDefaultFactory();
    reading.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    reading.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    reading.setProperty(XMLInputFactory.IS_COALESCING, true);
    Path copy = files.fresh();
    try (InputStream from = Files.newInputStream(file);
        OutputStream to = Files.newOutputStream(copy)) {
      SvgCopy drawing =
          new SvgCopy(
              reading.createXMLStreamReader(from),
              XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(to, "UTF-8"));
      drawing.copy();
      if (SvgCost.tooMuch(copy)) {
        throw MediumRefusal.tooMuchIn();
      }
      return Prepared.picture(
          MediumType.SVG,
          copy,
          null,
          (int) Math.ceil(drawing.width),
          (int) Math.ceil(drawing.height));
    } catch (Problem refused) {
      Files.deleteIfExists(copy);
      throw refused;
    } catch (XMLStreamException | IOException | RuntimeException e) {
      Files.deleteIfExists(copy);
      throw MediumRefusal.damaged();
    }
  }

  private void copy() throws XMLStreamException {
    while (in.hasNext()) {
      switch (in.next()) {
        case XMLStreamConstants.START_ELEMENT -> start();
        case XMLStreamConstants.END_ELEMENT -> {
          named.pop();
          out.writeEndElement();
        }
        case XMLStreamConstants.CHARACTERS -> out.writeCharacters(in.getText());
        default -> {}
      }
    }
    out.writeEndDocument();
    out.flush();
    if (elements == 0) {
      throw new XMLStreamException("nothing in it");
    }
  }

  private void start() throws XMLStreamException {
    String name = in.getLocalName();
    boolean root = named.isEmpty();
    if (root && (!name.equals("svg") || !SVG.equals(in.getNamespaceURI()))) {
      throw new XMLStreamException("no drawing");
    }
    if (++elements > MOST_ELEMENTS || named.size() >= DEEPEST) {
      throw new XMLStreamException("too much in it");
    }
    if (!SVG.equals(in.getNamespaceURI()) || !ELEMENTS.contains(name) || unfolds(name)) {
      skip();
      return;
    }
    if (name.equals("style")) {
      style();
      return;
    }
    Map<String, String> kept = attributes(name);
    if (root) {
      measure(kept);
      out.writeStartDocument("UTF-8", "1.0");
    }
    out.writeStartElement(name);
    if (root) {
      out.writeDefaultNamespace(SVG);
    }
    for (Map.Entry<String, String> attribute : kept.entrySet()) {
      out.writeAttribute(attribute.getKey(), attribute.getValue());
    }
    named.push(!root && (kept.containsKey("id") || Boolean.TRUE.equals(named.peek())));
  }

  /**
   * What stands for another part, within a part that others stand for: it could grow without end.
   */
  private boolean unfolds(String name) {
    return name.equals("use") && Boolean.TRUE.equals(named.peek());
  }

  private void skip() throws XMLStreamException {
    int depth = 1;
    while (depth > 0) {
      int event = in.next();
      depth += event == XMLStreamConstants.START_ELEMENT ? 1 : 0;
      depth -= event == XMLStreamConstants.END_ELEMENT ? 1 : 0;
    }
  }

  private void style() throws XMLStreamException {
    StringBuilder text = new StringBuilder();
    for (int event = in.next(); event != XMLStreamConstants.END_ELEMENT; event = in.next()) {
      if (event == XMLStreamConstants.START_ELEMENT) {
        skip();
      } else if (event == XMLStreamConstants.CHARACTERS) {
        text.append(in.getText());
      }
    }
    if (!fetches(text.toString())) {
      out.writeStartElement("style");
      out.writeCharacters(text.toString());
      out.writeEndElement();
    }
  }

  /** Escapes of CSS could hide what is looked for. */
  private static boolean fetches(String css) {
    String small = css.toLowerCase(Locale.ROOT);
    return css.indexOf('\\') >= 0
        || FETCHES.matcher(small).find()
        || !FUNCTION.matcher(small).results().allMatch(f -> HARMLESS.contains(f.group(1)));
  }

  private Map<String, String> attributes(String element) {
    Map<String, String> kept = new LinkedHashMap<>();
    for (int i = 0; i < in.getAttributeCount(); i++) {
      String name = in.getAttributeLocalName(i);
      String space = in.getAttributeNamespace(i);
      String value = in.getAttributeValue(i);
      boolean link = name.equals("href");
      boolean own = space == null || space.isEmpty() || link && XLINK.equals(space);
      boolean leads = link && !value.startsWith("#") && !isInside(element, value);
      boolean acts = name.toLowerCase(Locale.ROOT).startsWith("on");
      if (own && !leads && !acts && (link || isPlain(name) || !fetches(value))) {
        kept.put(name, value);
      }
    }
    return kept;
  }

  /** What is a name or words, in which brackets mean nothing. */
  private static boolean isPlain(String attribute) {
    return attribute.startsWith("aria-")
        || attribute.startsWith("data-")
        || Set.of("id", "class", "role", "lang").contains(attribute);
  }

  private static boolean isInside(String element, String value) {
    return element.equals("image") && INSIDE.matcher(value).matches();
  }

  /** How large it is drawn where nothing else says so. Sizes in other units follow its view box. */
  private void measure(Map<String, String> root) throws XMLStreamException {
    double[] box = box(root.get("viewBox"));
    double wide = length(root.get("width"));
    double high = length(root.get("height"));
    if (wide <= 0 || high <= 0) {
      wide = box == null ? 300 : box[2];
      high = box == null ? 150 : box[3];
    }
    if (!(wide > 0) || !(high > 0) || wide > LARGEST || high > LARGEST) {
      throw new XMLStreamException("no size");
    }
    width = wide;
    height = high;
    root.put("width", String.valueOf(width));
    root.put("height", String.valueOf(height));
    root.putIfAbsent("viewBox", "0 0 " + width + " " + height);
  }

  private static double length(@Nullable String text) {
    Matcher length = LENGTH.matcher(text == null ? "" : text);
    return length.matches() ? Double.parseDouble(length.group(1)) : 0;
  }

  private static double @Nullable [] box(@Nullable String text) {
    String[] parts = text == null ? new String[0] : text.strip().split("[\\s,]+");
    if (parts.length != 4) {
      return null;
    }
    double[] box = new double[4];
    for (int i = 0; i < 4; i++) {
      box[i] = Double.parseDouble(parts[i]);
    }
    return box;
  }
}
