package bravium.server.activities;

import bravium.core.activity.TitlePage;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Texts as they are searched: case and accents don't matter (UAX #15, NFKD without marks). */
final class Folded {

  private static final Pattern MARKS = Pattern.compile("\\p{M}+");
  private static final Pattern SPACE = Pattern.compile("\\s+");

  private Folded() {}

  static String text(String text) {
    String decomposed = Normalizer.normalize(text, Normalizer.Form.NFKD);
    return MARKS.matcher(decomposed).replaceAll("").toLowerCase(Locale.ROOT).strip();
  }

  /** What an activity is found by; it begins with the title, so that it sorts by it too. */
  static String of(TitlePage page) {
    return Stream.concat(
            Stream.of(page.title(), page.subject(), page.objective()), page.tags().stream())
        .filter(Objects::nonNull)
        .map(Folded::text)
        .collect(Collectors.joining(" "));
  }

  /** The words that are searched for. */
  static List<String> words(String search) {
    return SPACE.splitAsStream(text(search)).filter(word -> !word.isEmpty()).toList();
  }
}
