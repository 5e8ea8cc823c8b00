package bravium.formats;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Which options of a question are right: those that are named by their letters, their numbers or
 * their words, else those that are marked, else the bold ones. Where what is said can be read in
 * two ways, or is none of them, nothing is right and it is said why.
 *
 * @param right for each option
 * @param doubt why nothing is taken for right; null where there is no doubt
 */
record RightOptions(List<Boolean> right, @Nullable String doubt) {

  /** An option as it is named. */
  record Option(String words, @Nullable Character letter, @Nullable Integer number) {}

  private static final Pattern LETTERED =
      Pattern.compile("^[(\\[]?(\\p{L})(?:[.):\\]]\\s*|\\s+[-–]\\s+|\\s+)(\\S.*)$");
  private static final Pattern EITHER =
      Pattern.compile("\\s(?:or|oder|ou|o|of|eller|lub|nebo|или|або)\\s", Pattern.CASE_INSENSITIVE);
  private static final Pattern BETWEEN =
      Pattern.compile("\\s*(?:[,;/&+]|\\b(?:and|und|et|y|e|en|och|og|i)\\b)\\s*|\\s+");

  /** By what is said of a quiz's options and the marks they have. */
  static RightOptions of(List<QuizLine> lines, List<String> answers) {
    List<Option> options =
        lines.stream().map(line -> new Option(line.words(), line.letter(), line.number())).toList();
    RightOptions named = named(options, answers);
    if (named.doubt != null) {
      return named;
    }
    boolean allBullets = lines.stream().allMatch(line -> line.star() && line.bullet());
    List<Boolean> marked =
        lines.stream()
            .map(line -> line.ticked() || line.said() || line.star() && !allBullets)
            .toList();
    if (named.right.contains(true)) {
      return marked.contains(true) && !marked.equals(named.right)
          ? doubtful(
              lines.size(),
              "one option is marked, and “"
                  + String.join(", ", answers)
                  + "” is said to be the answer")
          : named;
    }
    if (marked.contains(true)) {
      return new RightOptions(marked, null);
    }
    List<Boolean> bold = lines.stream().map(QuizLine::bold).toList();
    return bold.contains(false) ? new RightOptions(bold, null) : named;
  }

  /** By what is said alone. */
  static RightOptions named(List<Option> options, List<String> answers) {
    List<Boolean> right = new ArrayList<>(Collections.nCopies(options.size(), false));
    for (String answer : answers) {
      Set<Integer> places = places(options, answer);
      if (places.isEmpty()) {
        return doubtful(options.size(), "“" + answer + "” is none of its options");
      }
      if (places.contains(-1)) {
        return doubtful(
            options.size(), "“" + answer + "” can mean one option or another one of them");
      }
      places.forEach(place -> right.set(place, true));
    }
    return new RightOptions(right, null);
  }

  /** Nothing is right, and this is why. */
  static RightOptions doubtful(int size, String doubt) {
    return new RightOptions(Collections.nCopies(size, false), doubt);
  }

  /** The places that an answer names; none, or -1 among them where it can be read in two ways. */
  private static Set<Integer> places(List<Option> options, String answer) {
    String said = plain(answer);
    Set<Integer> byWords = byWords(options, said);
    Set<Integer> bySign = sign(options, said);
    if (!byWords.isEmpty() && !bySign.isEmpty() && !byWords.equals(bySign)) {
      boolean figure = Character.isDigit(said.charAt(0));
      boolean lettered = options.stream().allMatch(option -> option.letter != null);
      // Beside letters a figure is no place: it is what the option says.
      return figure && lettered ? byWords : Set.of(-1);
    }
    if (!byWords.isEmpty() || !bySign.isEmpty()) {
      return byWords.isEmpty() ? bySign : byWords;
    }
    if (EITHER.matcher(said).find()) {
      return Set.of(-1);
    }
    Matcher lettered = LETTERED.matcher(said);
    if (lettered.matches()) {
      Set<Integer> letter = sign(options, lettered.group(1));
      Set<Integer> words = byWords(options, plain(lettered.group(2)));
      boolean signed = !said.matches("^\\p{L}\\s.*") || said.matches("^\\p{L}\\s+[-–]\\s.*");
      if (!letter.isEmpty() && !words.isEmpty()) {
        return letter.equals(words) ? letter : Set.of(-1);
      }
      if (!letter.isEmpty() && signed) {
        return letter;
      }
    }
    return several(options, said);
  }

  /** “A, C” and “A and C”: each of them names an option, by its sign or its words. */
  private static Set<Integer> several(List<Option> options, String said) {
    Set<Integer> places = new TreeSet<>();
    for (String one : BETWEEN.split(said)) {
      Set<Integer> place = sign(options, one);
      if (place.isEmpty()) {
        places.clear();
        break;
      }
      places.addAll(place);
    }
    if (places.isEmpty()) {
      for (String one : said.split("\\s*[,;]\\s*")) {
        Set<Integer> place = byWords(options, plain(one));
        if (place.isEmpty()) {
          return Set.of();
        }
        places.addAll(place);
      }
    }
    return places;
  }

  private static Set<Integer> byWords(List<Option> options, String said) {
    Set<Integer> places = new TreeSet<>();
    IntStream.range(0, options.size())
        .filter(i -> plain(options.get(i).words).equals(said))
        .forEach(places::add);
    return places;
  }

  private static Set<Integer> sign(List<Option> options, String said) {
    String sign = said.replaceAll("[()\\[\\].]", "");
    if (sign.codePointCount(0, sign.length()) == 1 && Character.isLetter(sign.charAt(0))) {
      char letter = QuizLine.latin(sign.charAt(0));
      return place(
          options,
          i -> options.get(i).letter == null ? letter == 'a' + i : options.get(i).letter == letter);
    }
    if (!sign.matches("\\d{1,2}")) {
      return Set.of();
    }
    int number = Integer.parseInt(sign);
    return place(
        options,
        i -> options.get(i).number == null ? number == i + 1 : options.get(i).number == number);
  }

  private static Set<Integer> place(List<Option> options, IntPredicate named) {
    int found = IntStream.range(0, options.size()).filter(named).findFirst().orElse(-1);
    return found < 0 ? Set.of() : Set.of(found);
  }

  private static String plain(String text) {
    return text.strip().toLowerCase(Locale.ROOT).replaceAll("[.\\s]+$", "");
  }
}
