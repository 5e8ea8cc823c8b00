package bravium.server.classes;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Streams of server-sent events (WHATWG HTML, 9.2). Each has a short queue and a thread of its own:
 * one that never reads holds nobody up, and is closed when its queue is full. Its page then opens
 * another and begins with all there is.
 */
@Component
class LiveStreams {

  private static final int QUEUE = 64;

  /** A comment now and then, so that a stream whose page has gone is noticed. */
  private static final Duration QUIET = Duration.ofSeconds(20);

  /** More pages than a school has open. */
  private static final int MOST = 2_000;

  /** More pages than a teacher, and whoever covers for her, has open. */
  private static final int MOST_OF_ONE = 40;

  private final ConcurrentHashMap<Long, Set<Stream>> streams = new ConcurrentHashMap<>();

  /** How many are open. */
  int open() {
    return streams.values().stream().mapToInt(Set::size).sum();
  }

  /**
   * Who looks.
   *
   * @param teacher whose class it is, by the number of her row
   * @param may whether she still may: asked whenever rights change, and now and then
   */
  record Looker(long teacher, BooleanSupplier may) {}

  /** Whether as many are open as there can be, those of one teacher or all. */
  boolean full(long teacher) {
    long hers =
        streams.values().stream()
            .flatMap(Set::stream)
            .filter(stream -> stream.looker.teacher() == teacher)
            .count();
    return hers >= MOST_OF_ONE || open() >= MOST;
  }

  /** Closes the streams of all who may not look any more. */
  void closeWhereRightsEnded() {
    for (Set<Stream> all : streams.values()) {
      List.copyOf(all).forEach(Stream::closeIfRightsEnded);
    }
  }

  /** Whether anybody looks at an assignment. */
  boolean watched(long assignment) {
    return streams.containsKey(assignment);
  }

  /**
   * Opens a stream for an assignment.
   *
   * @param first what it begins with; asked for once it is sure to get what comes after
   * @param seen what its page may see of the news
   */
  SseEmitter open(
      long assignment, Looker looker, Supplier<LiveNews> first, UnaryOperator<LiveNews> seen) {
    Stream stream = new Stream(assignment, looker, seen);
    streams.compute(
        assignment,
        (key, there) -> {
          Set<Stream> all = there == null ? ConcurrentHashMap.newKeySet() : there;
          all.add(stream);
          return all;
        });
    stream.put(first.get());
    Thread.ofVirtual().name("live-" + assignment).start(stream::run);
    return stream.emitter;
  }

  /** Tells everybody who looks at an assignment. */
  void tell(long assignment, LiveNews news) {
    for (Stream stream : streams.getOrDefault(assignment, Set.of())) {
      stream.put(news);
    }
  }

  private final class Stream {

    private final long assignment;
    private final Looker looker;
    private final SseEmitter emitter = new SseEmitter(0L);
    private final BlockingQueue<LiveNews> queue = new ArrayBlockingQueue<>(QUEUE);
    private final UnaryOperator<LiveNews> seen;
    private volatile boolean closed;

    Stream(long assignment, Looker looker, UnaryOperator<LiveNews> seen) {
      this.assignment = assignment;
      this.looker = looker;
      this.seen = seen;
      emitter.onCompletion(this::forget);
      emitter.onError(error -> forget());
      emitter.onTimeout(this::forget);
    }

    void run() {
      try {
        long looked = System.nanoTime();
        while (!closed) {
          LiveNews news = queue.poll(QUIET.toMillis(), TimeUnit.MILLISECONDS);
          // What ends by the clock, such as a cover, says nothing when it does.
          if (System.nanoTime() - looked >= QUIET.toNanos()) {
            looked = System.nanoTime();
            closeIfRightsEnded();
          }
          if (closed) {
            return;
          }
          if (news == null) {
            emitter.send(SseEmitter.event().comment(""));
          } else {
            emitter.send(SseEmitter.event().data(news, MediaType.APPLICATION_JSON));
          }
        }
      } catch (IOException | IllegalStateException e) {
        // Its page has gone.
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      } finally {
        forget();
      }
    }

    /** Where there is no room left it is closed: its page begins anew. */
    void put(LiveNews news) {
      if (!queue.offer(seen.apply(news))) {
        close();
      }
    }

    void closeIfRightsEnded() {
      if (!looker.may().getAsBoolean()) {
        close();
      }
    }

    void close() {
      forget();
      emitter.complete();
    }

    private void forget() {
      closed = true;
      streams.computeIfPresent(
          assignment,
          (key, all) -> {
            all.remove(this);
            return all.isEmpty() ? null : all;
          });
    }
  }
}
