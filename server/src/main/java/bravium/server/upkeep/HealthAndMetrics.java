package bravium.server.upkeep;

import bravium.server.BraviumSettings;
import bravium.server.data.KeeperNews;
import bravium.server.data.Writer;
import bravium.server.limits.LongWork;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import io.micrometer.core.instrument.binder.MeterBinder;
import java.util.Map;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.boot.health.contributor.Status;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What a supervisor and whoever measures can ask of the server. */
@Configuration(proxyBeanMethods = false)
class HealthAndMetrics {

  /** The server works, and somebody has to look at it. */
  private static final Status LOOK = new Status("LOOK", "whoever keeps the server has news");

  /** In bytes: a night's copy and a film need that much. */
  private static final long LITTLE_LEFT = 500L << 20;

  private static final long NOTHING_LEFT = 10L << 20;

  /** Without the writer nothing can be saved: then it has to be started again. */
  @Bean("savingHealthIndicator")
  HealthIndicator writerLives(Writer writer) {
    return () ->
        (writer.isAlive() ? Health.up() : Health.down())
            .withDetail("waiting", writer.waiting())
            .build();
  }

  @Bean("upkeepHealthIndicator")
  HealthIndicator upkeep(KeeperNews news) {
    return () ->
        (news.all().isEmpty() ? Health.up() : Health.status(LOOK))
            .withDetail("news", news.all().size())
            .build();
  }

  @Bean("diskHealthIndicator")
  HealthIndicator disk(BraviumSettings settings) {
    return () -> disk(settings.data().toFile().getUsableSpace());
  }

  /** Without room nothing can be saved; with little somebody has to make some. */
  static Health disk(long free) {
    Health.Builder health =
        free < NOTHING_LEFT
            ? Health.down()
            : free < LITTLE_LEFT ? Health.status(LOOK) : Health.up();
    return health.withDetail("free", free).build();
  }

  @Bean
  MeterBinder waiting(Writer writer, Map<String, LongWork> pools) {
    return (MeterRegistry registry) -> {
      Gauge.builder("bravium.writes.waiting", writer, Writer::waiting)
          .description("pieces of work that wait for the next commit")
          .register(registry);
      pools.forEach(
          (name, pool) ->
              Gauge.builder("bravium.work.waiting", pool, LongWork::waiting)
                  .tag("pool", name)
                  .description("pieces of long work that wait for their turn")
                  .register(registry));
    };
  }
}
