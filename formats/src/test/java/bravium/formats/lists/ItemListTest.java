package bravium.formats.lists;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.formats.lists.ItemList.ItemLine;
import bravium.formats.lists.ItemList.ItemReading;
import bravium.formats.lists.ItemList.ItemRole;
import bravium.formats.lists.ItemList.Listed;
import bravium.formats.lists.ItemList.Of;
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
    ItemList read = ItemList.read(list.text(), null, Of.THINGS);

    assertThat(said(read, " | ")).isEqualTo(list.expected());
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("guesses")
  void guessesAreReadAsAPersonWould(MessyLists list) {
    ItemList read = ItemList.read(list.text(), null, Of.NAMES);

    assertThat(said(read, "\n").stream().flatMap(String::lines).toList())
        .isEqualTo(list.expected());
  }

  private static List<String> said(ItemList read, String between) {
    List<String> said = new ArrayList<>();
    int item = 0;
    for (ItemLine line : read.lines()) {
      if (line.role() != ItemRole.ITEM) {
        said.add(line.role().name().toLowerCase(Locale.ROOT) + ": " + line.text());
        continue;
      }
      int names = 0;
      while (names < line.names().size()) {
        Listed next = read.items().get(item++);
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
    for (ItemReading reading : ItemReading.values()) {
      ItemList read = ItemList.read(list.text(), reading, Of.THINGS);
      List<String> written =
          Lines.of(list.text()).stream()
              .filter(line -> line.codePoints().anyMatch(Character::isLetterOrDigit))
              .map(String::strip)
              .toList();

      assertThat(read.lines().stream().map(ItemLine::text).toList()).containsAll(written);
      assertThat(read.reading()).isEqualTo(reading);
    }
  }

  @Test
  void oneListIsReadInFourWays() {
    String text = "1. kettle, pot\n2. pan";

    assertThat(ItemList.read(text, ItemReading.NAMES, Of.THINGS).items())
        .containsExactly(new Listed(List.of("kettle", "pot")), new Listed(List.of("pan")));
    assertThat(ItemList.read(text, ItemReading.EACH, Of.THINGS).items())
        .containsExactly(
            new Listed(List.of("kettle")), new Listed(List.of("pot")), new Listed(List.of("pan")));
    assertThat(ItemList.read(text, ItemReading.LINES, Of.THINGS).items())
        .containsExactly(new Listed(List.of("kettle, pot")), new Listed(List.of("pan")));
    assertThat(ItemList.read(text, ItemReading.AS_IT_IS, Of.THINGS).items())
        .containsExactly(new Listed(List.of("1. kettle, pot")), new Listed(List.of("2. pan")));
  }

  @Test
  void textsKeepTheirCommasAndFullStops() {
    String text = "1. Mix flour, sugar and eggs.\n2. Bake it; wait.";

    assertThat(ItemList.read(text, null, Of.TEXTS).items())
        .containsExactly(
            new Listed(List.of("Mix flour, sugar and eggs.")),
            new Listed(List.of("Bake it; wait.")));
    assertThat(ItemList.read("cork\tstone\tleaf", null, Of.TEXTS).items()).hasSize(3);
  }

  @Test
  void pairsArePartedAtTheirFirstSignWhateverStandsBehindIt() {
    assertThat(ItemList.pairs("Rhine: Basel, Cologne\nElbe: Dresden").items())
        .containsExactly(
            new Listed(List.of("Rhine", "Basel, Cologne")), new Listed(List.of("Elbe", "Dresden")));
    assertThat(ItemList.pairs("2 + 3 = 5\n4 + 4 = 8\nsum").items())
        .containsExactly(
            new Listed(List.of("2 + 3", "5")),
            new Listed(List.of("4 + 4", "8")),
            new Listed(List.of("sum")));
  }
}
