package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SecretWordsTest {

  /** So a slip of the pen is another's words never, and there are as many pairs as is said. */
  @Test
  void noTwoWordsAreOneLetterApart() throws IOException {
    List<String> words;
    try (InputStream in = SecretWords.class.getResourceAsStream("/classes/short-words.txt")) {
      words = List.of(new String(in.readAllBytes(), StandardCharsets.UTF_8).strip().split("\\s+"));
    }
    assertThat(words).doesNotHaveDuplicates().allMatch(word -> word.matches("[a-z]{3,8}"));
    assertThat(words.size() * (words.size() - 1)).isEqualTo(529_256);

    Set<String> shortened = new HashSet<>(words);
    for (String word : words) {
      for (int i = 0; i < word.length(); i++) {
        // What is left without a letter, with its place, is the same for two that differ in it.
        assertThat(shortened.add(i + word.substring(0, i) + "_" + word.substring(i + 1)))
            .as(word)
            .isTrue();
        assertThat(shortened).as(word).doesNotContain(word.substring(0, i) + word.substring(i + 1));
      }
    }
  }
}
