package bravium.formats.lists;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.formats.NameList;
import bravium.formats.QuestionTexts;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;

/** What an independent writer of the format (fastexcel) wrote is read as it was written. */
class SpreadsheetTest {

  private static byte[] book(Object[][]... sheets) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Workbook book = new Workbook(out, "Test", "1.0")) {
      for (int s = 0; s < sheets.length; s++) {
        Worksheet sheet = book.newWorksheet("Sheet " + s);
        for (int r = 0; r < sheets[s].length; r++) {
          for (int c = 0; c < sheets[s][r].length; c++) {
            write(sheet, r, c, sheets[s][r][c]);
          }
        }
      }
    }
    return out.toByteArray();
  }

  private static void write(Worksheet sheet, int row, int column, Object value) {
    switch (value) {
      case Number number -> sheet.value(row, column, number);
      case Boolean truth -> sheet.value(row, column, truth);
      default -> sheet.value(row, column, value.toString());
    }
  }

  @Test
  void cellsAreReadAsTheyWereWritten() throws IOException {
    byte[] file =
        book(
            new Object[][] {
              {"Frage", "Richtig", "Falsch"},
              {"Wie viele Beine?", 6, 8.5},
              {"Tanzen\nsie?", true, false},
              {"", "", "x"}
            },
            new Object[][] {{"more"}});

    assertThat(Spreadsheet.is(file)).isTrue();
    assertThat(Spreadsheet.text(file))
        .isEqualTo(
            "Frage\tRichtig\tFalsch\nWie viele Beine?\t6\t8.5\nTanzen sie?\ttrue\tfalse\n\t\tx\n"
                + "\nmore\n");
  }

  @Test
  void aSpreadsheetIsAListLikeAnyOther() throws IOException {
    byte[] questions =
        book(new Object[][] {{"Question", "A", "B", "Answer"}, {"Legs?", 4, 6, "B"}});
    byte[] names = book(new Object[][] {{"Klasse 4b"}, {"Nachname", "Vorname"}, {"Alder", "Mia"}});

    assertThat(right(QuestionTexts.read(Spreadsheet.text(questions)).questions().getFirst()))
        .containsExactly("6");
    assertThat(NameList.read(Spreadsheet.text(names), null).names().getFirst().text())
        .isEqualTo("Mia Alder");
  }

  private static List<String> right(Question question) {
    return ((PickOne) question)
        .options().stream().filter(Option::right).map(option -> option.text().plain()).toList();
  }

  @Test
  void whatIsNoneOrDamagedOrABombIsToldInWords() throws IOException {
    byte[] whole = book(new Object[][] {{"a", "b"}});
    byte[] half = Arrays.copyOf(whole, whole.length / 2);

    assertThat(Spreadsheet.is("name;surname".getBytes())).isFalse();
    assertThat(Spreadsheet.is(new byte[] {'P', 'K', 3, 4})).isFalse();
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Spreadsheet.text(half))
        .withMessageContaining("damaged");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Spreadsheet.text(bomb()))
        .withMessageContaining("more than can be looked at");
  }

  /** A hundred megabytes of nothing in a hundred kilobytes. */
  private static byte[] bomb() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("xl/workbook.xml"));
      byte[] some = new byte[1 << 20];
      for (int i = 0; i < 100; i++) {
        zip.write(some);
      }
    }
    return out.toByteArray();
  }
}
