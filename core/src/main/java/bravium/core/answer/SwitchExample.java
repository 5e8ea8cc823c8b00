package bravium.core.answer;

import bravium.core.json.Root;
import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * What one of the switches of {@link Comparing} does to an answer of the teacher's own.
 *
 * @param name of the switch, as in the format
 * @param typed something a learner might type that this switch decides about; null where it decides
 *     nothing about this answer
 * @param right whether that is right as the switches are
 */
@Root
public record SwitchExample(String name, @Nullable String typed, boolean right) {

  private static final String PLAIN = "eaoiuyEAOIUYcn";
  private static final String ACCENTED =
      "\u00e9\u00e1\u00f3\u00ed\u00fa\u00fd\u00c9\u00c1\u00d3\u00cd\u00da\u00dd\u00e7\u00f1";

  /**
   * Examples of all switches.
   *
   * @param accepted an answer that is right, not blank
   */
  public static List<SwitchExample> of(String accepted, Comparing how) {
    String text = Texts.trimmed(accepted);
    List<SwitchExample> examples = new ArrayList<>();
    examples.add(
        example(
            "caseMatters", text, otherCase(text), how, how.withCase(false), how.withCase(true)));
    examples.add(
        example(
            "signsMatter", text, otherSigns(text), how, how.withSigns(false), how.withSigns(true)));
    examples.add(
        example(
            "accentsMatter",
            text,
            otherAccent(text),
            how,
            how.withAccents(false),
            how.withAccents(true)));
    examples.add(
        example("slips", text, slipped(text), how, how.withSlips(false), how.withSlips(true)));
    examples.add(
        example(
            "anyOrder", text, turned(text), how, how.withAnyOrder(false), how.withAnyOrder(true)));
    examples.add(
        example(
            "articles", text, article(text), how, how.withArticles(false), how.withArticles(true)));
    return examples;
  }

  private static SwitchExample example(
      String name, String accepted, String typed, Comparing how, Comparing off, Comparing on) {
    boolean decides = right(accepted, typed, off) != right(accepted, typed, on);
    return decides
        ? new SwitchExample(name, typed, right(accepted, typed, how))
        : new SwitchExample(name, null, false);
  }

  private static boolean right(String accepted, String typed, Comparing how) {
    return Comparison.with(List.of(accepted), List.of(), how).judge(typed).right();
  }

  private static String otherCase(String text) {
    String small = text.toLowerCase(Locale.ROOT);
    return small.equals(text) ? text.toUpperCase(Locale.ROOT) : small;
  }

  private static String otherSigns(String text) {
    StringBuilder without = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      without.append(".,;:!?".indexOf(text.charAt(i)) < 0 ? String.valueOf(text.charAt(i)) : "");
    }
    return without.length() < text.length() ? without.toString() : text + "!";
  }

  private static String otherAccent(String text) {
    for (int i = 0; i < text.length(); i++) {
      int accented = ACCENTED.indexOf(text.charAt(i));
      if (accented >= 0) {
        return text.substring(0, i) + PLAIN.charAt(accented) + text.substring(i + 1);
      }
    }
    for (int plain = 0; plain < PLAIN.length(); plain++) {
      int at = text.indexOf(PLAIN.charAt(plain));
      if (at >= 0) {
        return text.substring(0, at) + ACCENTED.charAt(plain) + text.substring(at + 1);
      }
    }
    return text;
  }

  /** Two neighbours in the longest word change places, or its last letter is missing. */
  private static String slipped(String text) {
    String longest = "";
    for (String word : Texts.split(text, ' ')) {
      longest = word.length() > longest.length() ? word : longest;
    }
    int at = longest.length() / 2;
    if (at == 0) {
      return text;
    }
    char one = longest.charAt(at - 1);
    char other = longest.charAt(at);
    String changed =
        one == other
            ? longest.substring(0, longest.length() - 1)
            : longest.substring(0, at - 1) + other + one + longest.substring(at + 1);
    return text.replace(longest, changed);
  }

  private static String turned(String text) {
    int space = text.indexOf(' ');
    return space < 0
        ? text
        : Texts.trimmed(text.substring(space + 1)) + " " + text.substring(0, space);
  }

  private static String article(String text) {
    for (String article : List.of("the ", "a ", "an ", "The ", "A ", "An ")) {
      if (text.startsWith(article)) {
        return text.substring(article.length());
      }
    }
    return "the " + text;
  }
}
