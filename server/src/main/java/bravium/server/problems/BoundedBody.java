package bravium.server.problems;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedInputStream;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import org.jspecify.annotations.Nullable;

/**
 * A body that has to be there in time: who sends nothing, or a byte now and then, is told so and
 * holds nothing any longer. It takes its share of the memory when its first byte is read; one that
 * becomes large in memory lies on the disk until all of it is there, so that nobody waits for who
 * sends slowly.
 */
final class BoundedBody extends HttpServletRequestWrapper implements AutoCloseable {

  /** For what is small, and for a slow beginning. */
  private static final Duration AT_LEAST = Duration.ofSeconds(15);

  /** Slower than this no network is that a file can be sent over. */
  private static final int BYTES_A_SECOND = 32 << 10;

  private final BodyMemory memory;
  private final boolean isFile;
  private @Nullable Stream stream;
  private BodyMemory.@Nullable Share share;
  private @Nullable InputStream whole;
  private long counted;

  BoundedBody(HttpServletRequest request, BodyMemory memory) {
    super(request);
    this.memory = memory;
    String type = String.valueOf(request.getContentType());
    this.isFile = !type.contains("json") && !type.startsWith("text/");
  }

  @Override
  public ServletInputStream getInputStream() throws IOException {
    if (stream == null) {
      stream = new Stream(super.getInputStream());
    }
    return stream;
  }

  @Override
  public BufferedReader getReader() throws IOException {
    return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
  }

  @Override
  public void close() throws IOException {
    if (share != null) {
      share.close();
      share = null;
    }
    memory.count(-counted);
    counted = 0;
    if (whole != null) {
      whole.close();
    }
  }

  private final class Stream extends ServletInputStream {

    private final ServletInputStream in;
    private long until;

    Stream(ServletInputStream in) {
      this.in = in;
    }

    @Override
    public int read() throws IOException {
      byte[] one = new byte[1];
      return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
    }

    @Override
    public int read(byte[] into, int offset, int length) throws IOException {
      long bytes = getContentLengthLong();
      if (share == null) {
        until = System.nanoTime() + AT_LEAST.toNanos() + bytes * 1_000_000_000L / BYTES_A_SECOND;
        if (bytes > BodyMemory.SMALL && !isFile) {
          whole = whole();
        }
        share = memory.take(bytes, isFile);
      }
      return whole == null ? come(into, offset, length) : whole.read(into, offset, length);
    }

    /** All of it, once it is there. */
    private InputStream whole() throws IOException {
      Path file = Files.createTempFile("bravium", ".body");
      try (OutputStream out = Files.newOutputStream(file)) {
        byte[] buffer = new byte[16 << 10];
        for (int n = come(buffer, 0, buffer.length); n >= 0; ) {
          memory.count(n);
          counted += n;
          out.write(buffer, 0, n);
          n = come(buffer, 0, buffer.length);
        }
        return new BufferedInputStream(
            Files.newInputStream(file, StandardOpenOption.DELETE_ON_CLOSE));
      } catch (IOException | RuntimeException e) {
        Files.delete(file);
        throw e;
      }
    }

    private int come(byte[] into, int offset, int length) throws IOException {
      try {
        int read = in.read(into, offset, length);
        if (read >= 0 && System.nanoTime() > until) {
          throw Problem.tooSlow();
        }
        return read;
      } catch (SocketTimeoutException e) {
        throw Problem.tooSlow();
      }
    }

    @Override
    public boolean isFinished() {
      return whole == null && in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      in.setReadListener(listener);
    }
  }
}
