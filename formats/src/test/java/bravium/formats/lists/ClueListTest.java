package bravium.formats.lists;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.formats.lists.ClueList.ClueLine;
import bravium.formats.lists.ClueList.ClueReading;
import bravium.formats.lists.ClueList.WordWithClue;
import bravium.formats.lists.ItemList.ItemRole;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Common practice: how people write words with clues. */
class ClueListTest {

  static Stream<MessyLists> clues() throws IOException {
    return MessyLists.in("clues.txt");
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("clues")
  void wordsAndCluesAreReadAsAPersonWould(MessyLists list) {
    ClueList read = ClueList.read(list.text(), null);

    List<String> said = new ArrayList<>();
    for (ClueLine line : read.lines()) {
      if (line.role() != ItemRole.ITEM) {
        said.add(line.role().name().toLowerCase(Locale.ROOT) + ": " + line.text());
      } else if (line.entry() != null) {
        said.add((line.entry().word() + " | " + line.entry().clue()).strip());
      }
    }
    assertThat(said).isEqualTo(list.expected());
  }

  @Test
  void theOtherWayRoundIsAskedFor() {
    ClueList read = ClueList.read("bees live here: hive\nnectar: flowers have it", null);

    assertThat(ClueList.read("hive: bee", ClueReading.CLUE_FIRST).entries())
        .containsExactly(new WordWithClue("bee", "hive"));
    assertThat(read.entries()).hasSize(2);
  }
}
