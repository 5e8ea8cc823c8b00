package bravium.core.question;

import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * A text with gaps in it, taken apart. A gap stands in brackets; what is in them is split by {@code
 * |}: the words that are right there, the first of them shown as the solution, and after {@code !}
 * wrong ones to choose from. Two opening brackets are one that is meant. What has no closing
 * bracket, or nothing right between them, is plain text.
 *
 * @param pieces in their order
 */
public record GapText(List<Piece> pieces) {

  /** What stands for a gap where it can't be drawn. */
  public static final String BLANK = "____";

  /** A piece of the text: plain text, or a gap. */
  public sealed interface Piece {}

  /** Plain text. */
  public record Plain(String text) implements Piece {}

  /**
   * A gap.
   *
   * @param accepted at least one, not blank
   * @param wrong words to choose from besides
   */
  public record Gap(List<String> accepted, List<String> wrong) implements Piece {}

  /** Takes a text apart; linear in its length. */
  public static GapText of(String text) {
    List<Piece> pieces = new ArrayList<>();
    StringBuilder plain = new StringBuilder();
    for (int i = 0; i < text.length(); ) {
      boolean opens = text.charAt(i) == '[';
      int end = opens && !text.startsWith("[[", i) ? text.indexOf(']', i) : -1;
      Gap gap = end < 0 ? null : gap(text.substring(i + 1, end));
      if (gap != null) {
        flush(plain, pieces);
        pieces.add(gap);
        i = end + 1;
      } else if (opens && end < 0 && !text.startsWith("[[", i)) {
        plain.append(text, i, text.length());
        i = text.length();
      } else {
        plain.append(text.charAt(i));
        i += text.startsWith("[[", i) ? 2 : 1;
      }
    }
    flush(plain, pieces);
    return new GapText(List.copyOf(pieces));
  }

  private static void flush(StringBuilder plain, List<Piece> pieces) {
    if (!plain.isEmpty()) {
      pieces.add(new Plain(plain.toString()));
      plain.setLength(0);
    }
  }

  private static Gap gap(String inside) {
    List<String> accepted = new ArrayList<>();
    List<String> wrong = new ArrayList<>();
    for (String part : Texts.split(inside, '|')) {
      String word = Texts.trimmed(part);
      if (word.startsWith("!") && !Texts.blank(word.substring(1))) {
        wrong.add(Texts.trimmed(word.substring(1)));
      } else if (!word.isEmpty() && !word.equals("!")) {
        accepted.add(word);
      }
    }
    return accepted.isEmpty() ? null : new Gap(List.copyOf(accepted), List.copyOf(wrong));
  }

  /** Its gaps, in their order. */
  public List<Gap> gaps() {
    List<Gap> gaps = new ArrayList<>();
    for (Piece piece : pieces) {
      if (piece instanceof Gap gap) {
        gaps.add(gap);
      }
    }
    return gaps;
  }

  /** The text with a blank in place of each gap. */
  public String withBlanks() {
    StringBuilder out = new StringBuilder();
    for (Piece piece : pieces) {
      out.append(piece instanceof Plain(String text) ? text : BLANK);
    }
    return out.toString();
  }
}
