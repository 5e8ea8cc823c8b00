package bravium.bench;

import bravium.core.activity.Activity;
import bravium.core.play.Move;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;

/**
 * Players who send moves over HTTP, each on a connection of her own. The client is kept as light as
 * it can be, since it shares the machine with the server.
 */
final class Load {

  private static final int QUESTIONS = 20;
  static final Activity QUIZ = Quizzes.of("Load", QUESTIONS);
  private static final List<Move> MOVES = Quizzes.moves(QUESTIONS);

  /** Where a move is sent to. */
  enum To {
    MOVES,
    NO_OP
  }

  /** What came of a run: answers a second, and how long they took, in milliseconds. */
  record Result(double perSecond, double p50, double p99, long refused) {}

  /** A sitting that was begun, and the token of whoever plays it. */
  record Begun(String sitting, String token) {}

  /** A sitting with its moves as they are written in it: its ids are its own. */
  private record Place(String sitting, String token, List<byte[]> moves) {}

  private final URI server;
  private final Queue<Place> fresh = new ConcurrentLinkedQueue<>();
  private final Supplier<Begun> begins;
  private final Path database;

  /**
   * Load on a server.
   *
   * @param database its database, in which the seeds of its sittings stand
   * @param begins begins a sitting of {@link #QUIZ}
   */
  Load(String address, Path database, Supplier<Begun> begins) {
    this.server = URI.create(address);
    this.database = database;
    this.begins = begins;
  }

  /** Load by those who play by link. */
  static Load byLink(String address, Path database) {
    return new Load(address, database, new LinkSittings(new Http(address).signIn()));
  }

  /** Opens sittings before anything is measured. */
  void open(int sittings) {
    try (OfOnePlay plays = new OfOnePlay(database)) {
      for (int i = fresh.size(); i < sittings; i++) {
        Begun one = begins.get();
        List<byte[]> moves =
            plays.moves(QUIZ, one.sitting(), MOVES).stream()
                .map(text -> text.getBytes(StandardCharsets.UTF_8))
                .toList();
        fresh.add(new Place(one.sitting(), one.token(), moves));
      }
    }
  }

  /**
   * Sends for some seconds.
   *
   * @param perSecond the fixed rate of all players together; 0 for as fast as answers come
   */
  Result run(To to, int players, double seconds, double perSecond) {
    open(players + (int) (Math.max(perSecond, 4_000) * seconds / MOVES.size()));
    AtomicLong refused = new AtomicLong();
    List<long[]> all = new ArrayList<>();
    long begin = System.nanoTime() + 200_000_000;
    long end = begin + (long) (seconds * 1e9);
    List<Thread> threads = new ArrayList<>();
    for (int i = 0; i < players; i++) {
      long offset = perSecond == 0 ? 0 : (long) (i * 1e9 / perSecond);
      long step = perSecond == 0 ? 0 : (long) (players * 1e9 / perSecond);
      threads.add(
          Thread.ofVirtual()
              .start(
                  () -> {
                    long[] times = play(to, begin + offset, end, step, refused);
                    synchronized (all) {
                      all.add(times);
                    }
                  }));
    }
    threads.forEach(Load::join);
    long[] times = all.stream().flatMapToLong(Arrays::stream).sorted().toArray();
    return new Result(
        times.length / seconds, at(times, 0.5) / 1e6, at(times, 0.99) / 1e6, refused.get());
  }

  /** A move's time counts from when it was due, so that a server that stalls can't hide it. */
  private long[] play(To to, long begin, long end, long step, AtomicLong refused) {
    long[] times = new long[1_024];
    int count = 0;
    try (Socket socket = new Socket(server.getHost(), server.getPort())) {
      socket.setTcpNoDelay(true);
      InputStream in = new BufferedInputStream(socket.getInputStream(), 32_768);
      OutputStream out = socket.getOutputStream();
      Place place = fresh.poll();
      int move = 0;
      for (long due = begin;
          due < end && place != null;
          due = step == 0 ? now(begin) : due + step) {
        sleepUntil(due);
        out.write(request(to, place, place.moves().get(move)));
        if (!accepted(in)) {
          refused.incrementAndGet();
        }
        times = count == times.length ? Arrays.copyOf(times, 2 * count) : times;
        times[count++] = System.nanoTime() - due;
        move++;
        if (move == MOVES.size()) {
          place = to == To.NO_OP ? place : fresh.poll();
          move = 0;
        }
      }
      if (to == To.NO_OP && place != null) {
        fresh.add(place);
      }
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    return Arrays.copyOf(times, count);
  }

  private static long now(long begin) {
    return Math.max(begin, System.nanoTime());
  }

  private static byte[] request(To to, Place place, byte[] body) {
    String head =
        "POST /api/play/"
            + place.sitting()
            + (to == To.MOVES ? "/moves" : "/no-op")
            + " HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nAuthorization:"
            + " Bearer "
            + place.token()
            + "\r\nContent-Length: "
            + body.length
            + "\r\n\r\n";
    byte[] start = head.getBytes(StandardCharsets.US_ASCII);
    byte[] whole = Arrays.copyOf(start, start.length + body.length);
    System.arraycopy(body, 0, whole, start.length, body.length);
    return whole;
  }

  /** Reads one answer to its end; whether it was a good one. */
  private static boolean accepted(InputStream in) throws IOException {
    boolean good = line(in).contains(" 200");
    long length = -1;
    boolean chunked = false;
    for (String header = line(in); !header.isEmpty(); header = line(in)) {
      String lower = header.toLowerCase(java.util.Locale.ROOT);
      if (lower.startsWith("content-length:")) {
        length = Long.parseLong(lower.substring(15).strip());
      }
      chunked |= lower.startsWith("transfer-encoding: chunked");
    }
    if (chunked) {
      for (int size = chunk(in); ; size = chunk(in)) {
        in.skipNBytes(size);
        line(in);
        if (size == 0) {
          return good;
        }
      }
    }
    in.skipNBytes(length);
    return good;
  }

  private static int chunk(InputStream in) throws IOException {
    return Integer.parseInt(line(in).strip(), 16);
  }

  private static String line(InputStream in) throws IOException {
    StringBuilder line = new StringBuilder();
    for (int c = in.read(); c != '\n'; c = in.read()) {
      if (c < 0) {
        throw new IOException("the server closed the connection");
      }
      if (c != '\r') {
        line.append((char) c);
      }
    }
    return line.toString();
  }

  private static double at(long[] sorted, double share) {
    return sorted.length == 0 ? 0 : sorted[(int) (share * (sorted.length - 1))];
  }

  static void sleepUntil(long nanos) {
    long left = nanos - System.nanoTime();
    if (left > 0) {
      java.util.concurrent.locks.LockSupport.parkNanos(left);
    }
  }

  static void join(Thread thread) {
    try {
      thread.join();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
