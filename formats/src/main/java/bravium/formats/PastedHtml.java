package bravium.formats;

import java.util.Base64;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;

/**
 * What a word processor puts on the clipboard, as the plain text that {@link QuestionTexts} reads:
 * a line for each paragraph and each item, cells with tabs between them, and pictures marked where
 * they stand.
 */
public final class PastedHtml {

  private static final Set<String> NOT_READ =
      Set.of("script", "style", "head", "template", "title");

  /** What is nested deeper was written by no word processor. */
  private static final int DEEPEST = 500;

  private static final Pattern INSIDE =
      Pattern.compile("data:image/[a-z+.-]+;base64,([A-Za-z0-9+/=\\s]+)");

  private final BiFunction<byte[], String, Optional<String>> keep;
  private final StringBuilder out = new StringBuilder();
  private int depth;
  private int left;

  private PastedHtml(BiFunction<byte[], String, Optional<String>> keep) {
    this.keep = keep;
  }

  /**
   * What was read.
   *
   * @param left how many pictures were only named, or could not be kept
   */
  public record Read(String text, int left) {}

  /**
   * Reads HTML.
   *
   * @param keep keeps a picture that is in it, with its description, and returns the medium's name;
   *     empty where it can't be kept
   */
  public static Read read(String html, BiFunction<byte[], String, Optional<String>> keep) {
    PastedHtml pasted = new PastedHtml(keep);
    pasted.read(Jsoup.parse(html).body());
    String text =
        pasted.out.toString().replaceAll("[ \u00a0]+", " ").replaceAll(" ?\n ?", "\n").strip();
    return new Read(text, pasted.left);
  }

  private void read(Node node) {
    if (node instanceof TextNode text) {
      out.append(text.getWholeText().replaceAll("[\r\n]+", " "));
    } else if (node instanceof Element element && !NOT_READ.contains(element.normalName())) {
      if (++depth < DEEPEST) {
        read(element);
      }
      depth--;
    }
  }

  private void read(Element element) {
    switch (element.normalName()) {
      case "br" -> out.append('\n');
      case "img" -> picture(element);
      case "td", "th" -> {
        if (element.previousElementSibling() != null) {
          out.append('\t');
        }
        int from = out.length();
        element.childNodes().forEach(this::read);
        // A cell is one cell, whatever lines there are in it.
        String cell = out.substring(from).replaceAll("\\s+", " ").strip();
        out.setLength(from);
        out.append(cell);
      }
      default -> {
        boolean block = element.isBlock();
        lineEnd(block);
        element.childNodes().forEach(this::read);
        lineEnd(block);
      }
    }
  }

  private void lineEnd(boolean block) {
    if (block && !out.isEmpty() && out.charAt(out.length() - 1) != '\n') {
      out.append('\n');
    }
  }

  private void picture(Element element) {
    Matcher inside = INSIDE.matcher(element.attr("src"));
    String alt = element.attr("alt").replaceAll("[\\[\\]\\s]+", " ").strip();
    Optional<String> name =
        inside.matches()
            ? bytes(inside.group(1)).flatMap(b -> keep.apply(b, alt))
            : Optional.empty();
    name.ifPresentOrElse(
        medium -> out.append(" ![").append(alt).append("](").append(medium).append(")"),
        () -> left++);
  }

  private static Optional<byte[]> bytes(String base64) {
    try {
      return Optional.of(Base64.getMimeDecoder().decode(base64));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }
}
