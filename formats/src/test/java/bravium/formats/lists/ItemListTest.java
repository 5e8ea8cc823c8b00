package bravium.formats.lists;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.formats.lists.ItemList.Item;
import bravium.formats.lists.ItemList.ReadAs;
import bravium.formats.lists.ItemList.Reading;
import bravium.formats.lists.ItemList.Role;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Common practice: how people number, quote, sort and mark what they list. */
class ItemListTest {

  static Stream<MessyLists> things() throws IOException {
    return MessyLists.in("things.txt");
  }

  static Stream<MessyLists> guesses() throws IOException {
    return MessyLists.in("guesses.txt");
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("things")
  void thingsOfAHuntAreReadAsAPersonWould(MessyLists list) {
    ItemList read = ItemList.read(list.text(), null, true);

    assertThat(said(read, " | ")).isEqualTo(list.expected());
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("guesses")
  void guessesAreReadAsAPersonWould(MessyLists list) {
    ItemList read = ItemList.read(list.text(), null, false);

    assertThat(said(read, "\n").stream().flatMap(String::lines).toList())
        .isEqualTo(list.expected());
  }

  private static List<String> said(ItemList read, String between) {
    List<String> said = new ArrayList<>();
    int item = 0;
    for (ReadAs line : read.lines()) {
      if (line.role() != Role.ITEM) {
        said.add(line.role().name().toLowerCase(Locale.ROOT) + ": " + line.text());
        continue;
      }
      int names = 0;
      while (names < line.names().size()) {
        Item next = read.items().get(item++);
        said.add(String.join(between, next.names()));
        names += next.names().size();
      }
    }
    assertThat(item).isEqualTo(read.items().size());
    return said;
  }

  /** Nothing vanishes: whichever way it is read, each line is told. */
  @ParameterizedTest(name = "{0}")
  @MethodSource({"things", "guesses"})
  void everyLineSaysHowItWasRead(MessyLists list) {
    for (Reading reading : Reading.values()) {
      ItemList read = ItemList.read(list.text(), reading, true);
      List<String> written =
          Lines.of(list.text()).stream()
              .filter(line -> line.codePoints().anyMatch(Character::isLetterOrDigit))
              .map(String::strip)
              .toList();

      assertThat(read.lines().stream().map(ReadAs::text).toList()).containsAll(written);
      assertThat(read.reading()).isEqualTo(reading);
    }
  }

  @Test
  void oneListIsReadInFourWays() {
    String text = "1. kettle, pot\n2. pan";

    assertThat(ItemList.read(text, Reading.NAMES, true).items())
        .containsExactly(new Item(List.of("kettle", "pot")), new Item(List.of("pan")));
    assertThat(ItemList.read(text, Reading.EACH, true).items())
        .containsExactly(
            new Item(List.of("kettle")), new Item(List.of("pot")), new Item(List.of("pan")));
    assertThat(ItemList.read(text, Reading.LINES, true).items())
        .containsExactly(new Item(List.of("kettle, pot")), new Item(List.of("pan")));
    assertThat(ItemList.read(text, Reading.AS_IT_IS, true).items())
        .containsExactly(new Item(List.of("1. kettle, pot")), new Item(List.of("2. pan")));
  }
}
