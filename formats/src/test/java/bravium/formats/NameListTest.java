package bravium.formats;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.formats.lists.MessyLists;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lists of learners as they come from school offices, spreadsheets and chat. */
class NameListTest {

  private static List<String> names(String text) {
    return NameList.read(text, null).names().stream().map(LearnerName::text).toList();
  }

  static Stream<MessyLists> registers() throws IOException {
    return MessyLists.in("register.txt");
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("registers")
  void aRegisterIsReadAsAPersonWould(MessyLists list) {
    List<String> said = new ArrayList<>();
    for (NameList.NameLine line : NameList.read(list.text(), null).lines()) {
      if (line.role() == NameList.NameRole.NAMES) {
        said.addAll(line.names());
      } else {
        said.add(line.role().name().toLowerCase(Locale.ROOT) + ": " + line.text());
      }
    }
    assertThat(said).isEqualTo(list.expected());
  }

  @Test
  void oneNameALineIsEnough() {
    assertThat(names("Mia\n\n  Noah  \r\nAva B.\n")).containsExactly("Mia", "Noah", "Ava B.");
  }

  @ParameterizedTest
  @ValueSource(strings = {",", ";", "\t", "|"})
  void aTableWithNamedColumnsMayHaveOthersBesides(String separator) {
    String text =
        String.join(separator, "No", "Surname", "First name", "Born")
            + "\n"
            + String.join(separator, "1", "Birch", "Mia", "2017")
            + "\n"
            + String.join(separator, "2", "Rowan", "Noah", "2018");

    NameList list = NameList.read(text, null);

    assertThat(list.names())
        .extracting(LearnerName::text)
        .containsExactly("Mia Birch", "Noah Rowan");
    assertThat(list.passedOver()).containsExactly("No", "Born");
  }

  @Test
  void surnamesBehindACommaAreTurnedRound() {
    assertThat(names("Name\n\"Birch, Mia\"\n\"Rowan, Noah\""))
        .containsExactly("Mia Birch", "Noah Rowan");
  }

  @Test
  void inTwoCellsThatNobodyNamedTheTeacherSaysWhichComesFirst() {
    String pasted = "Birch\tMia\nRowan\tNoah";

    assertThat(names(pasted)).containsExactly("Birch Mia", "Rowan Noah");
    assertThat(NameList.read(pasted, NameList.NameOrder.SURNAME).names())
        .extracting(LearnerName::text)
        .containsExactly("Mia Birch", "Noah Rowan");
  }

  @Test
  void whoStandsThereTwiceIsTakenOnceAndThatIsSaid() {
    NameList list = NameList.read("Mia\nmia\nNoah\nＭｉａ\nMia.", null);

    assertThat(list.names()).extracting(LearnerName::text).containsExactly("Mia", "Noah");
    assertThat(list.doubles()).containsExactly("mia", "Ｍｉａ", "Mia.");
  }

  @ParameterizedTest
  @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "windows-1252"})
  void anyCommonEncodingIsRead(String encoding) {
    Charset charset = Charset.forName(encoding);
    String mark = encoding.startsWith("UTF") ? "\uFEFF" : "";
    byte[] file = (mark + "Name\r\nZoë\r\nJosé\r\n").getBytes(charset);

    assertThat(NameList.read(Encodings.text(file), null).names())
        .extracting(LearnerName::text)
        .containsExactly("Zoë", "José");
  }

  @Test
  void namesOfEveryScriptAndDirectionStayAsTheyAre() {
    List<String> given = List.of("ليلى", "דוד", "美咲", "Ольга", "ñandú", "👩‍🚀", "Ng", "O’Neil");

    assertThat(names(String.join("\n", given))).isEqualTo(given);
  }

  @Test
  void whatCannotBeSeenIsNoNameAndTurnsNothingRound() {
    NameList list = NameList.read("\u202Emia\n\u200B\u2060\n...\n" + "x".repeat(61), null);

    assertThat(list.names()).extracting(LearnerName::text).containsExactly("mia");
    assertThat(list.left()).hasSize(2);
    assertThat(LearnerName.of("Mi\u200Ca").orElseThrow().key()).isEqualTo("mia");
  }

  @Test
  void htmlAndFormulasAreNamesLikeOthers() {
    assertThat(names("<b>Mia</b>\n=1+1\n@home")).containsExactly("<b>Mia</b>", "=1+1", "@home");
  }

  /** What is written for a spreadsheet is read back by Commons CSV, and by us. */
  @Test
  void whatIsWrittenIsReadBackAndRunsInNoSpreadsheet() throws IOException {
    List<String> given =
        List.of("=1+1", "+44", "-x", "@home", "＝1", "'quoted", "a \"b\"", "c, d", "Mia");
    String csv =
        Cells.csv(
            IntStream.rangeClosed(0, given.size())
                .mapToObj(i -> List.of(i == 0 ? "Name" : given.get(i - 1), "x"))
                .toList());

    assertThat(
            CSVFormat.RFC4180.parse(new StringReader(csv)).stream()
                .skip(1)
                .map(row -> row.get(0))
                .filter(cell -> "=+-@\t\r".indexOf(cell.charAt(0)) >= 0))
        .isEmpty();
    assertThat(names(csv))
        .hasSameElementsAs(
            List.of("=1+1", "+44", "-x", "@home", "＝1", "'quoted", "a \"b\"", "d c", "Mia"));
  }

  @Test
  void aListThatIsTooLongIsTakenInAsFarAsItGoes() {
    String text =
        IntStream.range(0, 5_000).mapToObj(i -> "Learner " + i).collect(Collectors.joining("\n"));

    NameList list = NameList.read(Encodings.text(text.getBytes(StandardCharsets.UTF_8)), null);

    assertThat(list.names()).hasSize(NameList.MOST);
    assertThat(list.more()).isTrue();
    assertThat(NameList.read("", null).names()).isEmpty();
  }
}
