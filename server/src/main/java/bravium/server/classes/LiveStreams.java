package bravium.server.classes;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
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
  private static final int MOST = 500;

  private final ConcurrentHashMap<Long, Set<Stream>> streams = new ConcurrentHashMap<>();

  /** How many are open. */
  int open() {
    return streams.values().stream().mapToInt(Set::size).sum();
  }

  boolean full() {
    return open() >= MOST;
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
  SseEmitter open(long assignment, Supplier<LiveNews> first, UnaryOperator<LiveNews> seen) {
    Stream stream = new Stream(assignment, seen);
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

  /** Closes all that look at an assignment; who may still look opens another. */
  void close(long assignment) {
    List.copyOf(streams.getOrDefault(assignment, Set.of())).forEach(Stream::close);
  }

  private final class Stream {

    private final long assignment;
    private final SseEmitter emitter = new SseEmitter(0L);
    private final BlockingQueue<LiveNews> queue = new ArrayBlockingQueue<>(QUEUE);
    private final UnaryOperator<LiveNews> seen;
    private volatile boolean closed;

    Stream(long assignment, UnaryOperator<LiveNews> seen) {
      this.assignment = assignment;
      this.seen = seen;
      emitter.onCompletion(this::forget);
      emitter.onError(error -> forget());
      emitter.onTimeout(this::forget);
    }

    void run() {
      try {
        while (!closed) {
          LiveNews news = queue.poll(QUIET.toMillis(), TimeUnit.MILLISECONDS);
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
