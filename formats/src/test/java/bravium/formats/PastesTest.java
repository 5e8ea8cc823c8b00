package bravium.formats;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.question.Question;
import bravium.formats.writing.QuestionRow;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * More than fifty quizzes as teachers type and paste them. Common practice: how quizzes are written
 * in word processors and spreadsheets.
 */
class PastesTest {

  private record Paste(String name, String text, List<String> expected) {
    @Override
    public String toString() {
      return name;
    }
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("pastes")
  void isReadAsAPersonWould(Paste paste) {
    Understood read = QuestionTexts.read(paste.text);

    List<String> said = new ArrayList<>();
    read.questions().forEach(question -> said.add(words(question)));
    read.left().forEach(left -> said.add("left: " + left.text()));
    assertThat(said).isEqualTo(paste.expected.stream().map(String::strip).toList());
  }

  static String words(Question question) {
    QuestionRow row = QuestionRow.of(question).orElseThrow();
    StringBuilder out = new StringBuilder(row.kind() + " | " + row.question());
    row.right().forEach(text -> out.append(" | +").append(text));
    row.wrong().forEach(text -> out.append(" | -").append(text));
    if (row.worth() != null) {
      out.append(" | worth ").append(row.worth());
    }
    row.hints().forEach(text -> out.append(" | hint ").append(text));
    if (row.ifRight() != null) {
      out.append(" | said ").append(row.ifRight());
    }
    return out.toString();
  }

  static Stream<Paste> pastes() throws IOException {
    List<Paste> pastes = new ArrayList<>();
    try (InputStream file = PastesTest.class.getResourceAsStream("/pastes.txt")) {
      String all = new String(file.readAllBytes(), StandardCharsets.UTF_8);
      for (String paste :
          Arrays.asList(all.split("(?m)^= ")).subList(1, all.split("(?m)^= ").length)) {
        int name = paste.indexOf('\n');
        String[] parts = paste.substring(name + 1).split("(?m)^->\n");
        pastes.add(
            new Paste(
                paste.substring(0, name), parts[0].stripTrailing(), parts[1].lines().toList()));
      }
    }
    return pastes.stream();
  }

  /** Nothing vanishes: each word of a text is in a question, or left over, or reads it. */
  @Property(tries = 400)
  void everyWordOfAShuffledQuizIsSomewhere(@ForAll long seed) throws IOException {
    Random random = new Random(seed);
    List<String> lines = new ArrayList<>();
    pastes()
        .filter(paste -> paste.text.indexOf('\t') < 0 && paste.text.indexOf(';') < 0)
        .filter(paste -> !paste.name.startsWith("header") && !paste.name.startsWith("a column"))
        .forEach(paste -> lines.addAll(paste.text.lines().toList()));
    Collections.shuffle(lines, random);
    List<String> some = lines.subList(0, 3 + random.nextInt(9));
    Understood read = QuestionTexts.read(String.join("\n", some));

    List<String> roles =
        read.lines().stream().map(line -> line.place() + " " + line.role()).toList();
    StringBuilder all = new StringBuilder();
    read.questions().forEach(question -> all.append(words(question)).append('\n'));
    read.left().forEach(left -> all.append(left.text()).append('\n'));
    for (Understood.ReadLine line : read.lines()) {
      boolean says =
          line.role() == Understood.LineRole.ANSWER || line.role() == Understood.LineRole.HINT;
      for (String word : line.text().split("[^\\p{L}]+")) {
        boolean sign = word.length() < 6 || says;
        assertThat(
                sign
                    || all.toString().contains(word)
                    || word.matches("(?i)question|correct|points|answers|solution|explanation"))
            .as("“%s” of %s in %s", word, roles, some)
            .isTrue();
      }
    }
  }

  @ParameterizedTest
  @MethodSource("pastes")
  void everyLineSaysHowItWasRead(Paste paste) {
    Understood read = QuestionTexts.read(paste.text, Understood.TextForm.QUIZ, Map.of(), false);

    long written = paste.text.lines().filter(line -> !line.isBlank()).count();
    assertThat(read.lines()).hasSize((int) written);
    assertThat(read.places()).hasSameSizeAs(read.questions());
  }

  /** Common practice: what word processors put on the clipboard. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "<ol><li>Who dances?<ol type=a><li><b>a worker</b></li><li>the queen</li></ol></li></ol>",
        "<p>1. Who dances?</p><p>a) <strong>a worker</strong></p><p>b) the queen</p>",
        "<p><b>1. Who dances?</b></p><p>a) <span style='font-weight:700'>a </span><b>worker</b></p>"
            + "<p>b) the queen</p>",
        "<p>1. Who dances?</p><p><span style='font-family:Wingdings'>þ</span> a worker</p>"
            + "<p><span style='font-family:Wingdings'>¨</span> the queen</p>",
        "<ul><li>Who dances?<ul><li><input type=checkbox checked>a worker</li>"
            + "<li><input type=checkbox>the queen</li></ul></li></ul>",
        "<table><tr><td>Who dances?<br>a) a worker<br>b) the queen</td><td>A</td></tr></table>"
      })
  void whatAWordProcessorPutsOnTheClipboardIsReadToo(String html) {
    String text = PastedHtml.read(html, (picture, alt) -> Optional.empty()).text();
    Understood read = QuestionTexts.read(text);

    assertThat(read.questions()).as(text).hasSize(1);
    assertThat(words(read.questions().getFirst()))
        .as(text)
        .isEqualTo("pick-one | Who dances? | +a worker | -the queen");
  }
}
