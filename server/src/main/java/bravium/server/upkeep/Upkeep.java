package bravium.server.upkeep;

import bravium.server.data.Copies;
import bravium.server.data.KeeperNews;
import bravium.server.data.Nightly;
import java.time.Clock;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Does the night's work, one thing after another; what goes wrong in one does not keep the rest.
 */
@Component
@EnableScheduling
public class Upkeep {

  private static final Logger LOG = LoggerFactory.getLogger(Upkeep.class);

  private final List<Nightly> tasks;
  private final Copies copies;
  private final KeeperNews news;
  private final Clock clock;

  Upkeep(List<Nightly> tasks, Copies copies, KeeperNews news, Clock clock) {
    this.tasks = tasks;
    this.news = news;
    this.copies = copies;
    this.clock = clock;
  }

  /** Makes up for a night in which the computer was off. */
  @EventListener
  void started(ApplicationReadyEvent event) {
    if (!copies.hasCopyOf(clock.instant())) {
      Thread.ofVirtual().start(this::atNight);
    }
  }

  /** At ten past three, when no school is awake. */
  @Scheduled(cron = "0 10 3 * * *")
  public void atNight() {
    boolean wrong = false;
    for (Nightly task : tasks) {
      try {
        task.atNight(clock.instant());
      } catch (RuntimeException e) {
        LOG.error("A part of the night's work went wrong", e);
        wrong = true;
      }
    }
    news.say(
        KeeperNews.About.NIGHT,
        wrong
            ? "A part of last night's work went wrong; what it was stands in the server's log."
            : null);
  }
}
