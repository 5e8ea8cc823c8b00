package bravium.server.limits;

import bravium.server.problems.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Codes that are read off a board and typed. A whole school shares one address: it may mistype a
 * hundred codes at once, then one a second, the devices taking turns; so whoever tries all codes
 * there are tries for years, and keeps nobody beside her from a code that exists. A code that
 * somebody opened lately is no guess any more.
 */
@Component
public final class CodeGuesses {

  private static final int AT_ONCE = 100;
  private static final Duration APART = Duration.ofSeconds(1);
  private static final int MOST_KNOWN = 20_000;

  private final Turns wrong;
  private final Cache<String, Boolean> opened =
      Caffeine.newBuilder().maximumSize(MOST_KNOWN).expireAfterAccess(Duration.ofDays(1)).build();

  CodeGuesses(Clock clock) {
    this.wrong = new Turns(AT_ONCE, APART, clock);
  }

  /**
   * What a code opens.
   *
   * @param from who asks
   * @param look finds it
   * @throws Problem if there is no such code, or too many are being tried
   */
  public <T> T find(
      String code, Asking from, Function<String, Optional<T>> look, Supplier<Problem> otherwise) {
    if (opened.getIfPresent(code) != null) {
      // It may be a class's where a link's is looked for: no guess all the same.
      return look.apply(code).orElseThrow(otherwise);
    }
    GuessLimit.Guess guess = wrong.take(from.among(), from.device());
    T found = look.apply(code).orElseThrow(otherwise);
    guess.right();
    opened.put(code, true);
    return found;
  }
}
