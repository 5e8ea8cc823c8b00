package bravium.server.accounts;

import bravium.server.BraviumSettings;
import bravium.server.data.Codes;
import bravium.server.limits.GuessLimit;
import bravium.server.problems.Problem;
import java.time.Clock;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The code without which nobody becomes the first teacher, who looks after the server: it is said
 * where the server was started, so that it is whoever started it, and not whoever came first.
 */
@Component
public class FirstCode {

  private static final Logger LOG = LoggerFactory.getLogger(FirstCode.class);

  private final String code = Codes.longCode();
  private final TeacherRepository teachers;
  private final boolean demo;
  private final GuessLimit wrong;

  FirstCode(TeacherRepository teachers, BraviumSettings settings, Clock clock) {
    this.teachers = teachers;
    this.demo = settings.demo();
    this.wrong = new GuessLimit(20, Duration.ofSeconds(5), clock);
  }

  @EventListener
  void started(ApplicationReadyEvent event) {
    if (!demo && teachers.first().isEmpty()) {
      LOG.info("This server has no teacher yet. The code for the first one is: {}", spaced());
    }
  }

  /** As it is said: in groups of three. */
  public String spaced() {
    return String.join("-", code.split("(?<=\\G.{3})"));
  }

  /**
   * Looks at a code that was typed.
   *
   * @throws Problem if it is another
   */
  void require(@Nullable String typed) {
    GuessLimit.Guess guess = wrong.begin("first");
    if (typed == null || !Codes.same(Codes.typed(typed), code)) {
      throw Problem.badRequest(
          "wrong-first-code",
          "This is not the code for the first teacher. It stands where the server was started, in"
              + " what it printed. Nothing was changed.");
    }
    guess.right();
  }
}
