package bravium.server.media;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;

/**
 * How much there is to draw in a drawing: each element, and again whatever it stands for or is
 * painted, marked, cut or filtered with. What refers to parts that refer to others grows with each
 * step; a few lines can keep a browser busy for ever.
 */
final class SvgCost {

  /** About as much as a browser draws in a second or two; measured in Chromium. */
  private static final double MOST = 400_000;

  /** A filter is worked out over all pixels of what it is put to. */
  private static final int FILTER = 2_000;

  /** Colours that run into each other refer to nothing that is drawn. */
  private static final Set<String> SIMPLE = Set.of("linearGradient", "radialGradient");

  private static final Pattern REFERENCE =
      Pattern.compile("url\\(\\s*['\"]?#([^'\")]+)['\"]?\\s*\\)");
  private static final Pattern NUMBER = Pattern.compile("-?\\d*\\.?\\d+(?:e-?\\d+)?");

  private final Map<String, Element> named = new HashMap<>();
  private final Map<Element, Double> known = new HashMap<>();
  private final Set<Element> underWay = new HashSet<>();
  private final List<String> styles = new ArrayList<>();
  private int elements;

  private SvgCost() {}

  /** Whether a copied drawing has more in it than can be drawn in a moment. */
  static boolean tooMuch(Path drawing) throws IOException {
    SvgCost cost = new SvgCost();
    Element root = parsed(drawing).getDocumentElement();
    cost.note(root);
    double styled = 0;
    for (String style : cost.styles) {
      // A rule may mean any number of elements.
      styled += cost.elements * cost.references(style, 1);
    }
    return !(cost.of(root) + styled <= MOST);
  }

  private static Document parsed(Path drawing) throws IOException {
    try {
      DocumentBuilderFactory reading = DocumentBuilderFactory.newDefaultInstance();
      reading.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
      return reading.newDocumentBuilder().parse(drawing.toFile());
    } catch (ParserConfigurationException | SAXException e) {
      throw new IOException(e);
    }
  }

  private void note(Element element) {
    elements++;
    if (element.hasAttribute("id")) {
      named.putIfAbsent(element.getAttribute("id"), element);
    }
    if (element.getTagName().equals("style")) {
      styles.add(element.getTextContent());
    }
    for (Element child : children(element)) {
      note(child);
    }
  }

  private static List<Element> children(Element of) {
    List<Element> children = new ArrayList<>();
    for (Node child = of.getFirstChild(); child != null; child = child.getNextSibling()) {
      if (child instanceof Element element) {
        children.add(element);
      }
    }
    return children;
  }

  /** What leads back to itself is drawn by no browser: there it counts nothing. */
  private double of(Element element) {
    Double before = known.get(element);
    if (before != null) {
      return before;
    }
    if (!underWay.add(element)) {
      return 0;
    }
    double cost = element.getTagName().startsWith("fe") ? FILTER : 1;
    for (Element child : children(element)) {
      cost += of(child);
    }
    NamedNodeMap attributes = element.getAttributes();
    for (int i = 0; i < attributes.getLength(); i++) {
      String name = attributes.item(i).getNodeName();
      String value = attributes.item(i).getNodeValue();
      if (name.equals("href")) {
        cost += target(value.startsWith("#") ? value.substring(1) : "");
      } else {
        cost += references(value, name.startsWith("marker") ? corners(element) : 1);
      }
    }
    underWay.remove(element);
    known.put(element, cost);
    return cost;
  }

  private double references(String value, int times) {
    double cost = 0;
    Matcher reference = REFERENCE.matcher(value);
    while (reference.find()) {
      cost += times * target(reference.group(1));
    }
    return cost;
  }

  private double target(String id) {
    Element target = named.get(id);
    return target == null || SIMPLE.contains(target.getTagName()) ? 0 : of(target);
  }

  /** A marker is drawn at each corner of a line. */
  private static int corners(Element line) {
    String numbers = line.getAttribute("d") + " " + line.getAttribute("points");
    return Math.max(2, (int) NUMBER.matcher(numbers).results().count() / 2);
  }
}
