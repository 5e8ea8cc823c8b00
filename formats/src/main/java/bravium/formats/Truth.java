package bravium.formats;

import bravium.formats.lists.Head;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What people write for true and false. Words say it alone; a letter says it together with the
 * other letter of its language: W is wahr beside F, and wrong beside R.
 */
final class Truth {

  /** A letter for true and one for false. Common practice. */
  private record Pair(char yes, char no) {}

  private static final List<Pair> PAIRS =
      List.of(
          new Pair('t', 'f'),
          new Pair('v', 'f'),
          new Pair('w', 'f'),
          new Pair('r', 'f'),
          new Pair('r', 'w'),
          new Pair('p', 'f'),
          new Pair('s', 'f'),
          new Pair('y', 'n'),
          new Pair('j', 'n'),
          new Pair('o', 'n'),
          new Pair('s', 'n'),
          new Pair('в', 'н'),
          new Pair('д', 'н'));

  /** Letters that mean the same in each pair that has them. */
  private static final String YES_ALONE = "tvyr";

  private static final String NO_ALONE = "fn";

  /** Words that are answers of other questions too: “Which hand?” – “right”. */
  private static final Set<String> OTHERWISE =
      Set.of(
          "right",
          "wrong",
          "correct",
          "incorrect",
          "richtig",
          "falsch",
          "juste",
          "goed",
          "fout",
          "fel",
          "res",
          "rätt",
          "faux",
          "juist",
          "giusto",
          "certo",
          "errado",
          "is",
          "是",
          "对",
          "错");

  private Truth() {}

  /** What a word means, of two letters or more; null for any other. */
  static @Nullable Boolean word(String said) {
    String word = plain(said);
    if (word.codePointCount(0, word.length()) < 2 && word.chars().allMatch(c -> c < 0x250)) {
      return null;
    }
    return Head.TRUE.names(word) ? Boolean.TRUE : Head.FALSE.names(word) ? Boolean.FALSE : null;
  }

  /** What a word means as the answer to a question; null for one that answers others as well. */
  static @Nullable Boolean answer(String said) {
    return OTHERWISE.contains(plain(said)) ? null : word(said);
  }

  /** Whether this is a letter that stands for true or false somewhere. */
  static boolean isLetter(String said) {
    String letter = plain(said);
    return letter.length() == 1
        && PAIRS.stream().anyMatch(p -> p.yes == letter.charAt(0) || p.no == letter.charAt(0));
  }

  /**
   * What a letter means beside the others that a text has; null where it can mean both.
   *
   * @param all all letters that the text has in such places
   */
  static @Nullable Boolean letter(String said, Collection<String> all) {
    char letter = plain(said).charAt(0);
    Set<Character> letters = new HashSet<>();
    all.forEach(one -> letters.add(plain(one).charAt(0)));
    if (letters.size() > 1) {
      List<Pair> pairs =
          PAIRS.stream()
              .filter(p -> letters.stream().allMatch(l -> l == p.yes || l == p.no))
              .toList();
      return pairs.isEmpty() ? null : Boolean.valueOf(pairs.getFirst().yes == letter);
    }
    if (YES_ALONE.indexOf(letter) >= 0) {
      return true;
    }
    return NO_ALONE.indexOf(letter) >= 0 ? Boolean.FALSE : null;
  }

  private static String plain(String said) {
    return said.strip().toLowerCase(Locale.ROOT).replaceAll("^[(\\[]|[)\\].!]+$", "").strip();
  }
}
