package bravium.server.accounts;

import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import bravium.server.problems.Problem;
import com.nulabinc.zxcvbn.StandardDictionaries;
import com.nulabinc.zxcvbn.matchers.Dictionary;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/**
 * What a password may be, and its hash (bcrypt). To hash one takes a processor for a while, on
 * purpose: they are hashed one at a time, where a teacher is known and elsewhere, so that whoever
 * sends many of them slows nobody else.
 */
@Component
class Passwords {

  /** OWASP ASVS 5.0, 6.2.1: at least eight characters; 6.2.5: no rules of composition. */
  private static final int SHORTEST = 8;

  /** What bcrypt takes, in bytes. */
  private static final int LONGEST = 72;

  static final int ROUNDS = 11;

  /** Compared with where there is no such teacher, so that the time tells nothing. */
  private static final String NOBODYS_HASH =
      "$2a$11$CwTycUXWue0Thq9StjUM0uJ8.8tYV0eWQcO4l6W9SfYQkbQ0eG6Gi";

  /** What this server is about: it is tried first (ASVS 5.0, 6.1.2 and 6.2.11). */
  private static final List<String> OURS = List.of("bravium", "teacher", "school", "classroom");

  private final PasswordEncoder bcrypt = new BCryptPasswordEncoder(ROUNDS);
  private final LongWork pool;
  private final LongWork guesses;
  private final Set<String> common;

  Passwords(@Qualifier(Pools.PASSWORDS) LongWork pool, @Qualifier(Pools.GUESSES) LongWork guesses)
      throws IOException {
    this.pool = pool;
    this.guesses = guesses;
    Dictionary known = StandardDictionaries.PASSWORDS_LOADER.load();
    this.common =
        known.getFrequencies().stream()
            .filter(password -> password.length() >= SHORTEST)
            .collect(Collectors.toUnmodifiableSet());
  }

  /**
   * Whether it is the password of that hash.
   *
   * @param known whether it is typed where that teacher is known: then no guess is before it
   */
  boolean matches(String password, @Nullable String hash, boolean known) {
    boolean fits = bytes(password) <= LONGEST;
    boolean same =
        (known ? pool : guesses)
            .run(
                () ->
                    bcrypt.matches(
                        fits ? password : "too long", hash == null ? NOBODYS_HASH : hash));
    return fits && same && hash != null;
  }

  /**
   * Checks a new password.
   *
   * @param name whose it is to be
   * @throws Problem if it can't be hers, with the reason
   */
  String checked(@Nullable String password, String name) {
    if (password == null) {
      throw Problem.badRequest("missing", "The password is missing. Nothing was changed.");
    }
    if (password.codePointCount(0, password.length()) < SHORTEST) {
      throw Problem.badRequest(
          "password-short",
          "A password has at least 8 characters: a few words are easy to keep in mind. Nothing was"
              + " changed.");
    }
    if (bytes(password) > LONGEST) {
      throw Problem.badRequest(
          "password-long",
          "This password is longer than can be kept (72 letters, fewer with accents). Nothing was"
              + " changed.");
    }
    if (isCommon(password, name)) {
      throw Problem.badRequest(
          "password-common",
          "This password is among the first that anybody would try. Nothing was changed; a few"
              + " words that don't belong together are better.");
    }
    return password;
  }

  private boolean isCommon(String password, String name) {
    String small = password.toLowerCase(Locale.ROOT);
    String bare = small.replaceAll("[^\\p{L}]+", "");
    String repeated = small.substring(0, 1).repeat(small.length());
    return common.contains(small)
        || small.equals(repeated)
        || Stream.concat(OURS.stream(), Stream.of(name.toLowerCase(Locale.ROOT)))
            .map(word -> word.replaceAll("[^\\p{L}]+", ""))
            .anyMatch(word -> !word.isEmpty() && bare.equals(word));
  }

  /** The hash of a password that was checked. */
  String hash(String checked) {
    return pool.run(() -> bcrypt.encode(checked));
  }

  private static int bytes(String password) {
    return password.getBytes(StandardCharsets.UTF_8).length;
  }
}
