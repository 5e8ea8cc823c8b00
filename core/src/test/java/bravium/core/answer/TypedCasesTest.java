package bravium.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The engine against a table of what learners type, which was written down before the code was
 * looked at: {@code typed.txt} says where its lines come from.
 */
class TypedCasesTest {

  private static final Pattern UNSEEN = Pattern.compile("\\\\u([0-9a-f]{4})");

  /** One text that was typed, and what is to be said to it. */
  record Case(
      String kind, String language, String written, String chosen, String typed, boolean right) {

    boolean judged() {
      List<String> flags = List.of(chosen.split(" "));
      return kind.equals("number") ? number(flags) : text(flags);
    }

    private boolean number(List<String> flags) {
      String[] parts = written.split(" @ ");
      String tolerance =
          flags.stream()
              .filter(flag -> flag.startsWith("tolerance="))
              .map(flag -> flag.substring("tolerance=".length()))
              .findFirst()
              .orElse(null);
      return NumberAnswer.of(
              new NumberAnswer.Expected(
                  parts[0],
                  tolerance,
                  parts.length > 1 ? List.of(parts[1].split("; ")) : List.of(),
                  flags.contains("unitNeeded"),
                  flags.contains("unitsExact"),
                  flags.contains("fractions"),
                  flags.contains("percent"),
                  flags.contains("lowestTerms"),
                  List.of()))
          .orElseThrow()
          .judge(typed)
          .right();
    }

    private boolean text(List<String> flags) {
      Comparing how =
          Comparing.FAIR
              .withCase(flags.contains("caseMatters"))
              .withSigns(flags.contains("signsMatter"))
              .withAccents(flags.contains("accentsMatter"))
              .withSlips(flags.contains("slips"))
              .withAnyOrder(flags.contains("anyOrder"))
              .withArticles(flags.contains("articles"));
      return Comparison.with(List.of(written), List.of(), how).judge(typed).right();
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("cases")
  void eachIsJudgedAsItsTableSays(Case one) {
    assertThat(one.judged()).as("“%s” for “%s”", one.typed(), one.written()).isEqualTo(one.right());
  }

  @Test
  void theTableIsLongEnoughToSaySomethingAndSaysNoAtLeastAsOften() throws IOException {
    List<Case> all = cases().toList();

    assertThat(all).hasSizeGreaterThanOrEqualTo(400).doesNotHaveDuplicates();
    assertThat(all.stream().map(Case::language).distinct()).hasSizeGreaterThanOrEqualTo(12);
    assertThat(all.stream().filter(one -> !one.right()).count())
        .isGreaterThanOrEqualTo(all.size() / 2);
  }

  static Stream<Case> cases() throws IOException {
    List<Case> cases = new ArrayList<>();
    try (InputStream in = TypedCasesTest.class.getResourceAsStream("typed.txt")) {
      String table = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      for (String line : table.lines().toList()) {
        if (!line.isEmpty() && !line.startsWith("#")) {
          add(line, cases);
        }
      }
    }
    return cases.stream();
  }

  private static void add(String line, List<Case> cases) {
    String[] cells = line.split(" *\\| *", -1);
    for (int column : new int[] {4, 5}) {
      for (String typed : cells[column].split(" ¦ ")) {
        cases.add(new Case(cells[0], cells[1], cells[2], cells[3], seen(typed), column == 4));
      }
    }
  }

  private static String seen(String written) {
    return UNSEEN
        .matcher(written)
        .replaceAll(found -> String.valueOf((char) Integer.parseInt(found.group(1), 16)));
  }
}
