package bravium.server.limits;

import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The kinds of work that can be long; none of them waits for another kind. */
@Configuration(proxyBeanMethods = false)
public class Pools {

  /** Understanding what a teacher wrote: reading it, and what is worth a look in it. */
  public static final String TEXTS = "work-on-texts";

  /** Taking whole files in. */
  public static final String FILES = "work-on-files";

  /** Unpacking pictures, of which each takes much memory. */
  public static final String PICTURES = "work-on-pictures";

  /** Hashing passwords, which is meant to be long. */
  public static final String PASSWORDS = "work-on-passwords";

  /** Hashing those that come from where nobody is known yet; of guesses there can be many. */
  public static final String GUESSES = "work-on-guesses";

  @Bean(TEXTS)
  LongWork texts() {
    return new LongWork(TEXTS, LongWork.half(), Duration.ofSeconds(20));
  }

  @Bean(FILES)
  LongWork files() {
    return new LongWork(FILES, LongWork.half(), Duration.ofMinutes(3));
  }

  @Bean(PICTURES)
  LongWork pictures() {
    return new LongWork(PICTURES, 1, Duration.ofSeconds(60));
  }

  @Bean(GUESSES)
  LongWork guesses() {
    return new LongWork(GUESSES, 1, Duration.ofSeconds(15));
  }

  @Bean(PASSWORDS)
  LongWork passwords() {
    return new LongWork(PASSWORDS, 1, Duration.ofSeconds(15));
  }
}
