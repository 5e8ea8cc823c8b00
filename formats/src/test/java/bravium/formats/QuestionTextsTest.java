package bravium.formats;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.question.Option;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import bravium.core.question.TypedText;
import bravium.core.rich.Media;
import bravium.core.rich.Paragraph;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import bravium.formats.Understood.LineRole;
import bravium.formats.Understood.TextForm;
import bravium.formats.writing.QuestionRow;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.commonmark.node.Node;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.text.TextContentRenderer;
import org.junit.jupiter.api.Test;

class QuestionTextsTest {

  @Test
  void ofCellsWithoutHeadsTheFirstIsRightOnceThatIsSaid() {
    String cells = "Who lays eggs?\tthe queen\ta drone\ta worker\nBees dance.\ttrue\n";
    Understood asks = QuestionTexts.read(cells);
    Understood read = QuestionTexts.read(cells, null, Map.of(), true);

    assertThat(((PickOne) asks.questions().get(0)).rightChoices()).isEmpty();
    assertThat(asks.doubts()).hasSize(1);
    assertThat(read.doubts()).isEmpty();

    assertThat(read.left()).isEmpty();
    PickOne first = (PickOne) read.questions().get(0);
    assertThat(first.rightChoices()).hasSize(1);
    assertThat(first.options())
        .extracting(option -> option.text().plain())
        .containsExactly("the queen", "a drone", "a worker");
    assertThat(((TrueFalse) read.questions().get(1)).answer()).isTrue();
  }

  @Test
  void whatTheTeacherSaysIsRightCountsAloneAndWhatIsBetweenTwoIsNotSetWithTheOthers() {
    String quiz =
        "1. Who lays eggs?\na) a drone *\nb) the queen\nAnswer: b\n2. Who dances?\na) a worker\nb) a drone";
    Understood first = QuestionTexts.read(quiz, null, Map.of(), true);
    Understood said = QuestionTexts.read(quiz, TextForm.QUIZ, Map.of(3, LineRole.RIGHT), false);

    assertThat(right(first.questions().get(0))).isEmpty();
    assertThat(first.doubts()).hasSize(1);
    assertThat(right(first.questions().get(1))).containsExactly("a worker");
    assertThat(right(said.questions().get(0))).containsExactly("the queen");
    assertThat(said.doubts()).isEmpty();
  }

  private static List<String> right(Question question) {
    return ((PickOne) question)
        .options().stream().filter(Option::right).map(option -> option.text().plain()).toList();
  }

  @Test
  void namedColumnsMayComeInAnyOrderAndWithAnySeparator() {
    for (String separator : List.of(",", ";", "\t", "|")) {
      String text =
          "Wrong;Question;Hint;Correct;Correct;Feedback\nwax;What is collected?;Two;nectar;pollen;\"So; so\""
              .replace(";", separator);

      Understood read = QuestionTexts.read(text);

      assertThat(read.left()).as(separator).isEmpty();
      PickAll question = (PickAll) read.questions().getFirst();
      assertThat(question.text()).isEqualTo(Words.of("What is collected?"));
      assertThat(question.rightChoices()).hasSize(2);
      assertThat(question.hints()).containsExactly(Words.of("Two"));
      assertThat(question.feedback().right()).isEqualTo(Words.of("So" + separator + " so"));
    }
  }

  @Test
  void aListWithBoxesIsQuestionsUnderItemsHeadingsAndParagraphs() {
    Understood read =
        QuestionTexts.read(
            """
            1. Who lays *eggs*?
               Hint: There is only one.
               - [x] the queen
               - [ ] a drone

            ## What is collected?

            - [x] nectar
            - [x] pollen
            - [ ] wax

            Bees dance.
            If right: They do.

            - [x] True
            - [ ] False

            ---
            """);

    assertThat(read.questions()).hasSize(3);
    assertThat(read.questions().get(0).text()).isEqualTo(Words.of("Who lays eggs?"));
    assertThat(read.questions().get(0).hints()).containsExactly(Words.of("There is only one."));
    assertThat(read.questions().get(1)).isInstanceOf(PickAll.class);
    assertThat(read.questions().get(2).feedback().right()).isEqualTo(Words.of("They do."));
    assertThat(read.left()).extracting(Understood.Left::line).containsExactly(18);
    assertThat(read.rest()).isEqualTo("---");
  }

  @Test
  void whatCanNotBeUnderstoodIsToldAndNeverBlocksTheRest() {
    Understood read =
        QuestionTexts.read(
            "kind,question,right,worth\n"
                + "pairs,What belongs together?,bee honey,\n"
                + "riddle,What am I?,,\n"
                + ",How many?,6,ten\n"
                + ",What covers a cell?,wax,5\n");

    assertThat(read.questions()).hasSize(1);
    assertThat(read.questions().getFirst()).isInstanceOf(TypedText.class);
    assertThat(read.left()).extracting(Understood.Left::line).containsExactly(2, 3, 4);
    assertThat(read.left().getFirst().reason()).contains("no = between");
    assertThat(read.left().getFirst().text()).isEqualTo("pairs,What belongs together?,bee honey,");
    Understood mended = QuestionTexts.read(read.rest().replace("bee honey", "bee = honey"));
    assertThat(mended.questions()).hasSize(1);
    assertThat(mended.left()).hasSize(2);
  }

  @Test
  void filesOfOfficeProgramsAreReadInTheirEncoding() {
    String text = "Wer legt Eier?;Königin – “ja”;Drohne";
    for (Charset charset :
        List.of(StandardCharsets.UTF_8, StandardCharsets.UTF_16, Charset.forName("windows-1252"))) {
      assertThat(QuestionTexts.text(text.getBytes(charset))).as(charset.name()).isEqualTo(text);
    }
    assertThat(QuestionTexts.text(("\uFEFF" + text).getBytes(StandardCharsets.UTF_8)))
        .isEqualTo(text);
  }

  @Test
  void oddTextsAreReadWithoutFail() {
    for (String odd :
        new String[] {
          "", "\n\n", "\"", "a,\"b\nc", "\u0000\t\u0000", "- [x]", "- [ ] \n", "[[", "\t\t\t"
        }) {
      QuestionTexts.read(odd);
    }
    assertThat(QuestionTexts.read("q,r,w\n".repeat(200_000)).questions()).hasSize(Understood.MOST);
  }

  @Test
  void picturesAreMarkedAsInMarkdownAndReadBackAsPictures() {
    String list =
        """
        1. Which one is it? ![A hive](hive-1)
           - [x] ![A blossom](blossom)
           - [ ] a hive ![no medium](https://example.org/a.png)

           Hint: Listen. ![a hum](sound:hum)
        """;

    Understood read = QuestionTexts.read(list);

    assertThat(read.left()).isEmpty();
    PickOne question = (PickOne) read.questions().getFirst();
    assertThat(question.text())
        .isEqualTo(
            Words.of(List.of(Paragraph.of("Which one is it?"), new Picture("hive-1", "A hive"))));
    assertThat(question.options().getFirst().text())
        .isEqualTo(Words.of(List.of(new Picture("blossom", "A blossom"))));
    assertThat(question.options().getLast().text().media()).isEmpty();
    assertThat(question.hints().getFirst().media())
        .extracting(Media::medium)
        .containsExactly("hum");
    for (String written :
        List.of(QuestionList.write(read.questions()), QuestionTable.write(read.questions()))) {
      PickOne again = (PickOne) QuestionTexts.read(written).questions().getFirst();
      assertThat(again.text()).isEqualTo(question.text());
      assertThat(again.options().getFirst().text()).isEqualTo(question.options().getFirst().text());
      assertThat(again.hints()).isEqualTo(question.hints());
    }
  }

  /** What begins like a formula is not run by whoever opens the table (common practice). */
  @Test
  void aCellThatASpreadsheetWouldRunIsDefusedAndReadBackAsItWas() throws IOException {
    Question formula =
        new QuestionRow(null, "=1+1", List.of("'=2"), List.of("-2"), List.of(), "@so", null, null)
            .question("1");

    String csv = QuestionTable.write(List.of(formula));

    for (CSVRecord row : CSVFormat.RFC4180.parse(new StringReader(csv))) {
      assertThat(row).noneMatch(cell -> cell.startsWith("=") || cell.startsWith("@"));
    }
    assertThat(rows(QuestionTable.read(csv))).isEqualTo(rows(List.of(formula)));
  }

  /** Read by Apache Commons CSV with its own settings for RFC 4180. */
  @Property(tries = 200)
  void whatIsWrittenAsATableIsReadBackTheSameHereAndByOthers(
      @ForAll("questions") List<Question> questions) throws IOException {
    String csv = QuestionTable.write(questions);

    assertThat(rows(QuestionTable.read(csv))).isEqualTo(rows(questions));
    List<CSVRecord> records = CSVFormat.RFC4180.parse(new StringReader(csv)).getRecords();
    assertThat(records).hasSize(questions.size() + 1);
  }

  /** The texts are read by commonmark-java as it stands. */
  @Property(tries = 200)
  void whatIsWrittenAsAListIsReadBackTheSameHereAndByOthers(
      @ForAll("questions") List<Question> questions) {
    String list = QuestionList.write(questions);

    assertThat(rows(QuestionList.read(list))).isEqualTo(rows(questions));
    Node read = Parser.builder().build().parse(list);
    String plain = TextContentRenderer.builder().build().render(read).replaceAll("\\s+", " ");
    for (Question question : questions) {
      assertThat(plain).contains(question.text().plain().replaceAll("\\s+", " "));
    }
  }

  private static List<QuestionRow> rows(Understood read) {
    assertThat(read.left()).isEmpty();
    return rows(read.questions());
  }

  private static List<QuestionRow> rows(List<Question> questions) {
    return questions.stream().map(q -> QuestionRow.of(q).orElseThrow()).toList();
  }

  @Provide
  Arbitrary<List<Question>> questions() {
    Arbitrary<String> texts =
        Arbitraries.strings()
            .withChars("abc ,;|\"'=-+*_#>[]()!`\\&<.:1äß🐝")
            .ofMinLength(1)
            .ofMaxLength(24)
            .map(text -> "q " + text.strip() + " e");
    Arbitrary<String> kinds =
        Arbitraries.of(
            "pick-one", "pick-all", "typed-text", "order", "free-answer", "discussion", "gaps");
    return Combinators.combine(
            kinds,
            texts,
            texts.list().ofMinSize(1).ofMaxSize(3),
            texts.list().ofMaxSize(3),
            texts.list().ofMaxSize(2),
            texts.injectNull(0.5),
            Arbitraries.integers().between(0, 10_000).injectNull(0.5))
        .as(QuestionTextsTest::question)
        .list()
        .ofMinSize(1)
        .ofMaxSize(5);
  }

  private static Question question(
      String kind,
      String text,
      List<String> right,
      List<String> wrong,
      List<String> hints,
      String said,
      Integer worth) {
    Map<String, List<String>> answers =
        Map.of(
            "order", List.of(),
            "free-answer", List.of(),
            "discussion", List.of());
    List<String> kept =
        switch (kind) {
          case "free-answer" -> right.subList(0, 1);
          case "discussion", "gaps" -> List.of();
          default -> right.stream().distinct().collect(Collectors.toList());
        };
    return new QuestionRow(
            kind, text, kept, answers.getOrDefault(kind, wrong), hints, said, null, worth)
        .question("1");
  }
}
