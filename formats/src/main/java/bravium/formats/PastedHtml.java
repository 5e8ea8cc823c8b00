package bravium.formats;

import java.util.Base64;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jspecify.annotations.Nullable;

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
    return new Read(String.join("\n", text.lines().map(PastedHtml::marked).toList()), pasted.left);
  }

  /** A line that is bold as a whole keeps its marks: that may say that it is right. */
  private static String marked(String line) {
    String joined = line.replace("****", "").replaceAll("\\*\\* \\*\\*", " ");
    boolean whole = joined.indexOf('\t') < 0 && QuizLine.of(1, joined).bold();
    return whole ? joined : joined.replace("**", "");
  }

  private void read(Node node) {
    if (node instanceof TextNode text) {
      String words = text.getWholeText().replaceAll("[\r\n]+", " ");
      out.append(isSymbols(text.parent()) ? symbols(words) : words);
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
      case "input" -> {
        if (element.attr("type").equals("checkbox")) {
          out.append(element.hasAttr("checked") ? "\u2612 " : "\u2610 ");
        }
      }
      case "li" -> {
        lineEnd(true);
        out.append(number(element));
        element.childNodes().forEach(this::read);
        lineEnd(true);
      }
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
        boolean bold = isBold(element) && !element.text().isBlank();
        lineEnd(block);
        out.append(bold ? "**" : "");
        element.childNodes().forEach(this::read);
        while (bold && !out.isEmpty() && out.charAt(out.length() - 1) == ' ') {
          out.setLength(out.length() - 1);
        }
        out.append(bold ? "** " : "");
        lineEnd(block);
      }
    }
  }

  private static boolean isBold(Element element) {
    String style = element.attr("style").replace(" ", "").toLowerCase(Locale.ROOT);
    boolean tag = element.normalName().equals("b") || element.normalName().equals("strong");
    return !element.isBlock()
        && (tag && !style.contains("font-weight:normal")
            || style.matches(".*font-weight:(bold|[6-9]00).*"));
  }

  /** What stands before an item of a list: options are a list within a question's item. */
  private static String number(Element item) {
    Element list = item.parent();
    if (list == null || !list.normalName().equals("ol")) {
      return "- ";
    }
    int place = 0;
    for (Element before = item; before != null; before = before.previousElementSibling()) {
      place += before.normalName().equals("li") ? 1 : 0;
    }
    try {
      place += Integer.parseInt(list.attr("start")) - 1;
    } catch (NumberFormatException e) {
      // It begins with 1.
    }
    boolean letters = list.attr("type").equalsIgnoreCase("a") || list.parents().is("li, ol");
    return letters && place <= 26 ? (char) ('a' + place - 1) + ") " : place + ". ";
  }

  private static boolean isSymbols(@Nullable Node node) {
    return node instanceof Element element
        && element.attr("style").toLowerCase(Locale.ROOT).contains("wingdings");
  }

  /** The boxes and ticks of the symbol type that word processors use. */
  private static String symbols(String text) {
    return text.replace('\u00fe', '\u2612')
        .replace('\u00a8', '\u2610')
        .replace('\u006f', '\u2610')
        .replace('\u00fc', '\u2713')
        .replace('\u00fb', '\u2717')
        .replace('\u00a7', '\u2022');
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
