package bravium.server.classes;

import bravium.server.data.Codes;
import bravium.server.data.ServerKey;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/**
 * The two short words with which a learner comes back: easy to copy and to spell, no two of them
 * one letter apart. What is kept of them is their HMAC-SHA-256 (RFC 2104) under a secret that lies
 * beside the database. There are 529,256 pairs, and guesses are slowed.
 */
@Component
class SecretWords {

  private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}]+");

  private final List<String> words;
  private final ServerKey key;
  private final SecureRandom random = new SecureRandom();

  SecretWords(ServerKey key) throws IOException {
    try (InputStream in = SecretWords.class.getResourceAsStream("/classes/short-words.txt")) {
      words = List.of(new String(in.readAllBytes(), StandardCharsets.UTF_8).strip().split("\\s+"));
    }
    this.key = key;
  }

  /** Two words, not twice the same. */
  List<String> two() {
    String first = words.get(random.nextInt(words.size()));
    String second = first;
    while (second.equals(first)) {
      second = words.get(random.nextInt(words.size()));
    }
    return List.of(first, second);
  }

  /** What is kept of a learner's words. */
  String hash(long learner, List<String> two) {
    return key.hmac(learner + " " + String.join(" ", two));
  }

  /**
   * Whether these are her words, however they are written: case and what is between don't matter.
   */
  boolean match(long learner, String typed, String hash) {
    List<String> two =
        BETWEEN.splitAsStream(typed.toLowerCase(Locale.ROOT)).filter(w -> !w.isEmpty()).toList();
    return Codes.same(hash(learner, two), hash);
  }
}
