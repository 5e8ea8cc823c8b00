package bravium.formats;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.formats.lists.ItemList.ItemRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Common practice: how options are listed and the right ones marked. */
class OptionListTest {

  private static List<String> said(String text) {
    return OptionList.read(text).list().items().stream()
        .map(item -> (item.right() ? "+" : "-") + item.names().getFirst())
        .toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "a) wax|*b) honey|c) water; letters and a star",
        "A. wax|B. honey (correct)|C. water; a word behind",
        "wax|✓ honey|water; a tick",
        "- wax|- **honey**|- water; a bold one",
        "☐ wax|☑ honey|☐ water; boxes",
        "1. wax|2. honey|3. water|Answer: 2; a line for the answer",
        "а) wax|б) honey|в) water|Ответ: б; letters of another alphabet",
        "wax (falsch)|honey (richtig)|water (falsch); judged in German"
      })
  void markersAreTakenOffAndTheRightOneIsKnown(String lines, String reason) {
    assertThat(said(lines.replace('|', '\n')))
        .as(reason)
        .containsExactly("-wax", "+honey", "-water");
  }

  @Test
  void whereItIsInDoubtNothingIsRightAndItIsSaid() {
    OptionList read = OptionList.read("a) wax *\nb) honey\nb) honey\nAnswer: b");

    assertThat(read.list().items()).noneMatch(item -> item.right());
    assertThat(read.doubt()).contains("marked");
    assertThat(read.list().lines())
        .extracting(line -> line.role())
        .containsExactly(ItemRole.ITEM, ItemRole.ITEM, ItemRole.DOUBLE, ItemRole.HEAD);
    assertThat(OptionList.read("wax\nhoney").doubt()).isNull();
  }
}
