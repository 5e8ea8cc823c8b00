package bravium.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** The real application on a free port, with the demo data in a folder of its own. */
public final class TestServer implements AutoCloseable {

  private static TestServer shared;

  private final Path folder;
  private ConfigurableApplicationContext context;

  private TestServer(Path folder) {
    this.folder = folder;
  }

  /** One server for all tests that don't mind each other. */
  public static synchronized TestServer shared() {
    if (shared == null) {
      try {
        shared = start(Files.createTempDirectory("bravium-test"));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return shared;
  }

  /** A server of one's own, on a given data folder. */
  public static TestServer start(Path folder) {
    TestServer server = new TestServer(folder);
    server.run(0);
    return server;
  }

  private void run(int port) {
    context =
        new SpringApplicationBuilder(Bravium.class)
            .web(WebApplicationType.SERVLET)
            .run(
                "--server.port=" + port,
                "--bravium.demo=true",
                "--bravium.data=" + folder,
                "--server.shutdown=immediate",
                "--logging.level.bravium=warn");
  }

  /** Stops the server and starts it anew on the same folder and port. */
  public void restart() {
    int port = port();
    context.close();
    run(port);
  }

  public int port() {
    return ((WebServerApplicationContext) context).getWebServer().getPort();
  }

  public String address() {
    return "http://localhost:" + port();
  }

  @Override
  public void close() {
    context.close();
  }
}
