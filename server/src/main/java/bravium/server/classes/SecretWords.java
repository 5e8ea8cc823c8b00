package bravium.server.classes;

import bravium.server.data.Codes;
import bravium.server.data.DataFolder;
import bravium.server.data.OwnersAlone;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/**
 * The two short words with which a learner comes back: easy to copy and to spell, no two of them
 * one letter apart. What is kept of them is their HMAC-SHA-256 (RFC 2104) under a secret that lies
 * beside the database. There are 136,000 pairs, and guesses are limited.
 */
@Component
class SecretWords {

  private static final int KEY_BYTES = 32;
  private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}]+");

  private final List<String> words;
  private final byte[] key;
  private final SecureRandom random = new SecureRandom();

  SecretWords(DataFolder folder) throws IOException {
    try (InputStream in = SecretWords.class.getResourceAsStream("/classes/short-words.txt")) {
      words = List.of(new String(in.readAllBytes(), StandardCharsets.UTF_8).strip().split("\\s+"));
    }
    key = key(folder.wordsKey());
  }

  private byte[] key(Path file) {
    try {
      if (Files.exists(file)) {
        return Files.readAllBytes(file);
      }
      byte[] fresh = new byte[KEY_BYTES];
      random.nextBytes(fresh);
      Files.write(file, fresh);
      OwnersAlone.restrict(file);
      return fresh;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
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
    return Codes.hmac(key, learner + " " + String.join(" ", two));
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
